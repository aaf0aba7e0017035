import type { Cut } from '../core/cut/cut';
import { batchYield } from '../core/cut/batch-yield';
import { findFood } from '../core/food/catalogue';
import { sugarOf } from '../core/food/sugar';
import type { Food } from '../core/food/food';
import { fryerFromLabel } from '../core/fryer/fryer-from-label';
import type { BatchPart, CookEvent, Plan } from '../core/plan/plan';
import { kelvinFromCelsius } from '../core/units/temperature';
import { foodFromFile } from './food-from-file';
import type { PlanFile } from './plan-file';

const MM = 1e-3;

/** The food of a plan file. @throws when an id is not in the catalogue, which the schema has excluded */
export function planFood(file: Pick<PlanFile, 'food'>): Food {
  if (typeof file.food !== 'string') return foodFromFile(file.food);
  const food = findFood(file.food);
  if (!food) throw new Error(`food ${file.food} passed the schema but is not in the catalogue`);
  return food;
}

/** The engine's plan, in SI. */
export function planFromFile(file: PlanFile): Plan {
  const seconds = (stage: { minutes: number; temperature_c: number }) => ({
    duration: stage.minutes * 60,
    temperature: kelvinFromCelsius(stage.temperature_c),
  });
  return {
    ...partFromFile(file),
    name: file.name,
    fryer: {
      /* two drawers share the heater: each gets half of it while both run */
      ...fryerFromLabel(
        file.fryer.power_w / (file.fryer.drawers ?? 1),
        file.fryer.basket_cm2 * 1e-4,
        file.fryer.basket_height_mm * MM,
      ),
      thermostatOffset: file.fryer.thermostat_offset_c,
      liner: file.fryer.liner ?? false,
    },
    preheat: file.fryer.preheat ? seconds(file.fryer.preheat) : null,
    browningScale: 1,
    stages: file.cook.stages.map(seconds),
    events: file.cook.events.map((event) => eventFromFile(event, file)),
  };
}

function partFromFile(
  file: Pick<PlanFile, 'food' | 'storage' | 'cut' | 'mass_g' | 'start_temperature_c' | 'prep' | 'target'>,
): BatchPart {
  const food = planFood(file);
  const cut = cutFromFile(file.cut);
  const mass = file.mass_g / 1000;
  const { surface } = batchYield(food, cut, mass);
  return {
    food,
    reducingSugar: sugarOf(food, file.storage),
    cut,
    scatter: file.cut.scatter,
    mass,
    startTemperature: kelvinFromCelsius(file.start_temperature_c),
    preparation: file.prep.map((step) => preparationFromFile(step, surface)),
    target: file.target,
  };
}

/** An opening; what an added part leaves out is as in the plan. */
function eventFromFile(event: PlanFile['cook']['events'][number], file: PlanFile): CookEvent {
  const { minute, action } = event;
  const opening = { time: minute * 60, action };
  if (action === 'oil' && event.mass_g !== undefined) return { ...opening, oilMass: event.mass_g / 1000 };
  if (action !== 'add') return opening;
  const { part } = event;
  const { food, cut, target } = file;
  return {
    ...opening,
    part: partFromFile({ ...part, food: part.food ?? food, cut: part.cut ?? cut, target: part.target ?? target }),
  };
}

/** Depth of a wedge from the skin over its thickness where none is given. Source: assumed, an eighth of a round potato. */
const WEDGE_DEPTH = 1.2;

function cutFromFile(file: PlanFile['cut']): Cut {
  switch (file.shape) {
    case 'stick': {
      const [thinner, wider] = [file.thickness_mm, file.width_mm ?? file.thickness_mm].sort((a, b) => a - b);
      return {
        shape: 'stick',
        thickness: thinner! * MM,
        width: wider! * MM,
        length: Math.max(file.length_mm, wider!) * MM,
      };
    }
    case 'slice':
    case 'disc':
      return {
        shape: file.shape,
        thickness: file.thickness_mm * MM,
        diameter: Math.max(file.diameter_mm, file.thickness_mm) * MM,
      };
    case 'cube':
      return { shape: 'cube', thickness: file.thickness_mm * MM };
    case 'wedge':
      return {
        shape: 'wedge',
        thickness: file.thickness_mm * MM,
        width: (file.width_mm ?? file.thickness_mm * WEDGE_DEPTH) * MM,
        length: Math.max(file.length_mm, file.thickness_mm) * MM,
      };
    case 'floret':
      return { shape: 'floret', diameter: file.diameter_mm * MM };
    case 'cylinder':
      return {
        shape: 'cylinder',
        diameter: file.diameter_mm * MM,
        length: Math.max(file.length_mm, file.diameter_mm) * MM,
      };
    case 'sheet':
      return {
        shape: 'sheet',
        thickness: file.thickness_mm * MM,
        width: file.width_mm * MM,
        length: Math.max(file.length_mm, file.width_mm) * MM,
      };
    case 'formed': {
      const diameter = file.diameter_mm ?? file.thickness_mm ?? 25;
      return { shape: 'formed', diameter: diameter * MM, length: Math.max(file.length_mm ?? diameter, diameter) * MM };
    }
  }
}

function preparationFromFile(step: PlanFile['prep'][number], surface: number): Plan['preparation'][number] {
  switch (step.step) {
    case 'soak':
      return { step: 'soak', waterTemperature: kelvinFromCelsius(step.water_c), duration: step.minutes * 60 };
    case 'parcook':
      return {
        step: 'parcook',
        method: step.method,
        duration: step.minutes * 60,
        waterTemperature: kelvinFromCelsius(step.water_c),
      };
    case 'press':
    case 'marinate':
    case 'brine':
      return { step: step.step, duration: step.minutes * 60 };
    case 'dry':
      return { step: 'dry', method: step.method, duration: step.minutes === undefined ? null : step.minutes * 60 };
    case 'oil':
      return {
        step: 'oil',
        mass: (step.mass_g ?? (step.film_g_m2 ?? 0) * surface) / 1000,
        method: step.method ?? 'toss',
      };
    case 'season':
      return { step: 'season', mass: step.mass_g / 1000, saltShare: step.salt_share };
    case 'starch':
    case 'batter':
      return { step: step.step, mass: step.mass_g / 1000 };
    case 'rinse':
    case 'freeze-thaw':
    case 'dredge':
      return step;
  }
}
