import { batchYield } from '../core/cut/batch-yield';
import { COAT_INGREDIENTS } from '../core/food/coat-by-recipe';
import { sugarOf } from '../core/food/sugar';
import type { Food } from '../core/food/food';
import { fryerFromLabel } from '../core/fryer/fryer-from-label';
import { shareOfPlan } from '../core/plan/divide-plan';
import type { BatchPart, CookEvent, Plan, Stage } from '../core/plan/plan';
import { usualWish } from '../core/plan/usual-wish';
import { kelvinFromCelsius } from '../core/units/temperature';
import { withLearnt } from '../core/learn/with-learnt';
import { learntFromFile } from './learnt-file';
import { secondsToTable } from './after-time';
import { currentLoad } from './load-order';
import { marinadePlace } from './marinade-place';
import { cutFromFile } from './cut-from-file';
import { foodOfFile } from './food-from-file';
import type { PlanFile } from './plan-file';
import type { PlainEvent, PrepStep } from './plan-steps';

const MM = 1e-3;

/** The food of a plan file. */
export function planFood(file: Pick<PlanFile, 'food'>): Food {
  return foodOfFile(file.food);
}

/** The engine's plan of one load, in SI: what a forecast speaks of; the first, unless the file says which it is. */
export function planFromFile(file: PlanFile): Plan {
  const { count } = file.loads;
  const whole = wholePlanFromFile(file);
  return count === 1 ? whole : { ...shareOfPlan(whole, currentLoad(file).share), loads: count };
}

/** The engine's plan of all that is on the board, as if it went in at once: for amounts that are prepared together. */
export function wholePlanFromFile(file: PlanFile): Plan {
  const { start_c } = file.fryer;
  const labelled: Plan = {
    ...(start_c === undefined ? {} : { fryerTemperature: kelvinFromCelsius(start_c) }),
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
      racks: file.fryer.racks ?? 1,
    },
    preheat: stageOrNone(file.fryer.preheat),
    browningScale: 1,
    ...(file.loads.lay === 'thick-to-strong' ? { thickToStrong: true } : {}),
    stages: file.cook.stages.map(stageFromFile),
    events: file.cook.events.map((event) => eventFromFile(event, file)),
    toTable: secondsToTable(file),
  };
  if (!file.learnt) return labelled;
  const { learnt, drawers } = learntFromFile(file.learnt);
  return withLearnt(labelled, { ...learnt, ...drawers?.[currentLoad(file).drawer] }, drawers);
}

function stageFromFile(stage: { readonly minutes: number; readonly temperature_c: number }): Stage {
  return { duration: stage.minutes * 60, temperature: kelvinFromCelsius(stage.temperature_c) };
}

function stageOrNone(stage: { readonly minutes: number; readonly temperature_c: number } | null): Stage | null {
  return stage && stageFromFile(stage);
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

/** An opening; what an added part leaves out is as in the plan, but for the wish of another food, which is its usual one. */
function eventFromFile(event: PlanFile['cook']['events'][number], file: PlanFile): CookEvent {
  if (event.action !== 'add') return plainEvent(event);
  const { part } = event;
  const food = part.food ?? file.food;
  const cut = part.cut ?? file.cut;
  const wish = part.food === undefined ? file.target : usualWish(foodOfFile(food), cutFromFile(cut), part.prep);
  return {
    time: event.minute * 60,
    action: 'add',
    part: partFromFile({ ...part, food, cut, target: { ...wish, ...part.target } }),
  };
}

function plainEvent(event: PlainEvent): CookEvent {
  const opening = { time: event.minute * 60, action: event.action };
  switch (event.action) {
    case 'oil':
      return event.mass_g === undefined ? opening : { ...opening, oilMass: event.mass_g / 1000 };
    case 'season':
      return { ...opening, seasoning: event.mass_g / 1000 };
    case 'pull':
      return event.which === undefined ? opening : { ...opening, pulled: event.which };
    default:
      return opening;
  }
}

function preparationFromFile(step: PrepStep, surface: number): Plan['preparation'][number] {
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
    case 'marinate':
      return { step: 'marinate', duration: step.minutes * 60, place: marinadePlace(step) };
    case 'press':
    case 'brine':
      return { step: step.step, duration: step.minutes * 60 };
    case 'dry':
      return { step: 'dry', method: step.method, duration: step.minutes === undefined ? null : step.minutes * 60 };
    case 'oil':
      return {
        step: 'oil',
        mass: (step.mass_g ?? (step.film_g_m2 ?? 0) * surface) / 1000,
        method: step.method ?? 'toss',
        ...(step.kind === undefined ? {} : { kind: step.kind }),
      };
    case 'season':
      return { step: 'season', mass: step.mass_g / 1000, saltShare: step.salt_share };
    case 'bind':
      return { step: 'bind', binder: step.with, mass: step.mass_g / 1000 };
    case 'starch':
    case 'batter':
      return { step: step.step, mass: step.mass_g / 1000 };
    case 'coat':
      return {
        step: 'coat',
        amounts: Object.fromEntries(COAT_INGREDIENTS.map((name) => [name, step[`${name}_g`] / 1000])),
      };
    case 'dip':
      return { step: 'dip', bath: step.bath, duration: step.seconds };
    case 'cool':
      return { step: 'cool', duration: step.minutes * 60 };
    case 'chill':
    case 'freeze':
      return { step: step.step, duration: step.hours * 3600 };
    case 'press-flat':
      return { step: 'press-flat', thickness: step.thickness_mm * MM };
    case 'cut':
      return { step: 'cut', cut: cutFromFile(step.cut), scatter: step.cut.scatter };
    case 'cook':
      return {
        step: 'cook',
        stages: step.stages.map(stageFromFile),
        events: step.events.map(plainEvent),
        preheat: stageOrNone(step.preheat),
        until: step.until,
      };
    case 'rinse':
    case 'freeze-thaw':
    case 'dredge':
      return step;
  }
}
