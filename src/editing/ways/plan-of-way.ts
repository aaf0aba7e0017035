import { batchYield } from '../../core/cut/batch-yield';
import { usualWish } from '../../core/plan/usual-wish';
import { layersOf } from '../../core/fryer/layers';
import type { Food } from '../../core/food/food';
import type { Wish } from '../../core/food/wish';
import { cutFromFile } from '../../schemas/cut-from-file';
import type { KitchenFryer } from '../../schemas/kitchen';
import type { PlanFile } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import type { PrepStep } from '../../schemas/plan-steps';
import { FOOD_WAYS } from './food-ways';
import type { Way, WayStep } from './way';
import { ONE_LAYER, USUAL_PREHEAT } from '../usual-amounts';

/** Most loads that a plan can have. */
const MOST_LOADS = 6;

/** Most and least of pieces on the board, g. Source: limits of the Produce station. */
const MOST_GRAMS = 1500;
const LEAST_GRAMS = 50;

/** Who eats, of how much. */
export interface Guests {
  readonly people: number;
  /** g of cut pieces each */
  readonly each: number;
}

/** The ways of a food; none for one of the kitchen's own. */
export function waysOf(foodId: string): readonly Way[] {
  return FOOD_WAYS[foodId] ?? [];
}

/** What is wished of a food made so. */
export function wishOfWay(food: Food, { wish, cut, prep }: Way): Wish {
  return wish ?? usualWish(food, cutFromFile(cut), prep);
}

/** The plan that a way makes of a food for these guests in this fryer, in as many loads as keep it from lying too deep. */
export function planOfWay(food: Food, way: Way, guests: Guests, fryer: KitchenFryer): PlanFile {
  const grams = Math.min(MOST_GRAMS, Math.max(LEAST_GRAMS, Math.round((guests.people * guests.each) / 5) * 5));
  const bare: PlanFile = {
    format: 'drubek.plan',
    version: 2,
    name: nameOf(food, way),
    food: food.id,
    storage: 'usual',
    cut: way.cut,
    portions: guests.people,
    sides: [],
    mass_g: grams,
    start_temperature_c: way.startC ?? 20,
    prep: [],
    fryer: {
      power_w: fryer.powerW,
      basket_cm2: fryer.basketCm2,
      basket_height_mm: fryer.basketHeightMm,
      thermostat_offset_c: fryer.thermostatOffsetC,
      preheat: { minutes: USUAL_PREHEAT, temperature_c: way.dial },
    },
    cook: { openings: 'chosen', stages: [{ minutes: way.upTo, temperature_c: way.dial }], events: [] },
    after: [],
    loads: { count: 1, serve: 'as-they-come', coat: 'at-once' },
    target: wishOfWay(food, way),
  };
  const { cut, mass } = planFromFile(bare);
  const { surface } = batchYield(food, cut, mass);
  const prep = way.prep.map((step) => withAmount(step, surface, grams));
  const deep = layersOf({ food, cut, mass }, fryer.basketCm2 / 1e4) / way.layers;
  const count = Math.min(MOST_LOADS, Math.max(1, Math.ceil(deep - (ONE_LAYER - 1))));
  return { ...bare, prep, loads: { ...bare.loads, count } };
}

/** What a plan made so is called. */
function nameOf(food: Food, way: Way): string {
  return `${food.name}: ${way.name.charAt(0).toLowerCase()}${way.name.slice(1)}`;
}

/** A step with its grams. @param surface m² of cut surface @param grams g of pieces */
function withAmount(step: WayStep, surface: number, grams: number): PrepStep {
  const half = (value: number) => Math.max(0.5, Math.round(value * 2) / 2);
  switch (step.step) {
    case 'oil':
      return { step: 'oil', mass_g: half(step.film_g_m2 * surface) };
    case 'starch':
    case 'batter':
      return { step: step.step, mass_g: half((step.per_100_g * grams) / 100) };
    case 'season':
      return { step: 'season', mass_g: half((step.per_100_g * grams) / 100), salt_share: step.salt_share };
    default:
      return step;
  }
}
