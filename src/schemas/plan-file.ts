import { z } from 'zod';
import type { Cut } from '../core/cut/cut';
import { batchYield } from '../core/cut/batch-yield';
import { findFood, listFoods } from '../core/food/catalogue';
import { STORAGES, sugarOf } from '../core/food/sugar';
import type { Food } from '../core/food/food';
import { fryerFromLabel } from '../core/fryer/fryer';
import type { BatchPart, CookEvent, Plan } from '../core/plan/plan';
import { kelvinFromCelsius } from '../core/units/temperature';
import { foodFromFile, ownFoodSchema } from './own-food';
import { between, PLAN_LIMITS } from './plan-limits';

const thickness = between(PLAN_LIMITS.thicknessMm);
const length = between(PLAN_LIMITS.lengthMm);
const scatter = between(PLAN_LIMITS.scatter).default(0.07);
const minutes = between(PLAN_LIMITS.prepMinutes);
const coatMass = between(PLAN_LIMITS.coatG);

const cut = z.discriminatedUnion('shape', [
  z.strictObject({
    shape: z.literal('stick'),
    thickness_mm: thickness,
    width_mm: thickness.optional(),
    length_mm: length.default(60),
    scatter,
  }),
  z.strictObject({ shape: z.literal('slice'), thickness_mm: thickness, diameter_mm: length.default(45), scatter }),
  z.strictObject({ shape: z.literal('cube'), thickness_mm: thickness, scatter }),
  z.strictObject({
    shape: z.literal('wedge'),
    thickness_mm: thickness,
    width_mm: length.optional(),
    length_mm: length.default(80),
    scatter,
  }),
  z.strictObject({ shape: z.literal('floret'), diameter_mm: length, scatter }),
  z.strictObject({ shape: z.literal('cylinder'), diameter_mm: thickness, length_mm: length.default(80), scatter }),
  z.strictObject({ shape: z.literal('disc'), thickness_mm: thickness, diameter_mm: length.default(60), scatter }),
  z.strictObject({
    shape: z.literal('sheet'),
    thickness_mm: between(PLAN_LIMITS.leafMm).default(0.5),
    width_mm: length.default(50),
    length_mm: length.default(60),
    scatter,
  }),
  z.strictObject({
    shape: z.literal('formed'),
    diameter_mm: thickness.optional(),
    thickness_mm: thickness.optional(),
    length_mm: length.optional(),
    scatter,
  }),
]);

const prepStep = z.discriminatedUnion('step', [
  z.strictObject({ step: z.literal('rinse'), changes: z.int().min(1).max(10).default(1) }),
  z.strictObject({ step: z.literal('soak'), water_c: between(PLAN_LIMITS.waterC).default(15), minutes }),
  z.strictObject({
    step: z.literal('parcook'),
    method: z.enum(['boil', 'steam', 'microwave', 'pressure', 'hot-soak']),
    minutes,
    water_c: between(PLAN_LIMITS.waterC).default(75),
  }),
  z.strictObject({ step: z.literal('press'), minutes: minutes.default(20) }),
  z.strictObject({ step: z.literal('freeze-thaw') }),
  z.strictObject({ step: z.literal('marinate'), minutes: minutes.default(30) }),
  z.strictObject({ step: z.literal('brine'), minutes: minutes.default(30) }),
  z.strictObject({
    step: z.literal('dry'),
    method: z.enum(['drain', 'towel', 'towel-twice', 'spinner', 'steam-dry', 'air']),
    minutes: minutes.optional(),
  }),
  z.strictObject({
    step: z.literal('oil'),
    mass_g: between(PLAN_LIMITS.oilG).optional(),
    film_g_m2: between(PLAN_LIMITS.filmGM2).optional(),
    method: z.enum(['toss', 'spray', 'brush']).optional(),
  }),
  z.strictObject({ step: z.literal('starch'), mass_g: coatMass }),
  z.strictObject({
    step: z.literal('season'),
    mass_g: coatMass.default(3),
    salt_share: z.number().min(0).max(1).default(0.5),
  }),
  z.strictObject({ step: z.literal('dredge'), layers: z.union([z.literal(1), z.literal(2)]).default(1) }),
  z.strictObject({ step: z.literal('batter'), mass_g: coatMass }),
]);

const stage = z.strictObject({
  minutes: between(PLAN_LIMITS.stageMinutes),
  temperature_c: between(PLAN_LIMITS.dialC),
});

const target = z
  .strictObject({
    colour: z.enum(['pale', 'golden', 'brown']).default('golden'),
    crispness: z.enum(['tender', 'crisp', 'very-crisp']).default('crisp'),
  })
  .prefault({});

const food = z.union([z.enum(listFoods().map((one) => one.id) as [string, ...string[]]), ownFoodSchema]);
const storage = z.enum(STORAGES).default('usual');
const prep = z.array(prepStep).max(20).default([]);
const startTemperature = between(PLAN_LIMITS.startTemperatureC).default(20);

/** Pieces put in later: what is left out is as in the plan itself. */
const addedPart = z.strictObject({
  food: food.optional(),
  storage,
  cut: cut.optional(),
  mass_g: between(PLAN_LIMITS.massG),
  start_temperature_c: startTemperature,
  prep,
  target: target.optional(),
});

const minute = z.number().min(0).max(180);
const cookEvent = z.discriminatedUnion('action', [
  z.strictObject({ minute, action: z.enum(['shake', 'toss', 'flip', 'open', 'pull']) }),
  z.strictObject({ minute, action: z.literal('oil'), mass_g: between(PLAN_LIMITS.oilG).optional() }),
  z.strictObject({ minute, action: z.literal('add'), part: addedPart }),
]);

/** The open plan file, version 1: every number with its unit in the name, unknown fields refused. */
export const planFileSchema = z.strictObject({
  format: z.literal('drubek.plan'),
  version: z.literal(1),
  name: z.string().trim().min(1).max(120).default('Untitled plan'),
  food,
  storage,
  cut,
  mass_g: between(PLAN_LIMITS.massG),
  start_temperature_c: startTemperature,
  prep,
  fryer: z
    .strictObject({
      power_w: between(PLAN_LIMITS.powerW).default(1500),
      basket_cm2: between(PLAN_LIMITS.basketCm2).default(500),
      basket_height_mm: between(PLAN_LIMITS.basketHeightMm).default(90),
      thermostat_offset_c: z.number().min(-40).max(40).default(0),
      liner: z.boolean().optional(),
      drawers: z.union([z.literal(1), z.literal(2)]).optional(),
      preheat: stage.nullable().default(null),
    })
    .prefault({}),
  cook: z.strictObject({
    stages: z.array(stage).min(1).max(8),
    events: z.array(cookEvent).max(60).default([]),
  }),
  target,
  rest: z
    .strictObject({
      minutes: z.number().min(0).max(120).default(2),
      place: z.enum(['rack', 'heap', 'covered', 'warm-oven']).default('rack'),
      salt_g: z.number().min(0).max(100).default(0),
    })
    .optional(),
});

/** A plan file as read, every default filled in. */
export type PlanFile = z.output<typeof planFileSchema>;

/** A plan file as written, defaults may be missing. */
export type PlanFileInput = z.input<typeof planFileSchema>;

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
