import { batchYield } from '../cut/batch-yield';
import { cutAsLoaded } from '../plan/cut-as-loaded';
import type { BatchPart, Plan } from '../plan/plan';
import { FLOOR_COVER } from './bed';

/** Layers that pieces fill as they are cut now, fresh, on `basketArea` m² of floor; fractional. */
export function layersOf({ food, cut, mass }: Pick<BatchPart, 'food' | 'cut' | 'mass'>, basketArea: number): number {
  return batchYield(food, cut, mass).floor / (FLOOR_COVER * basketArea);
}

/** Layers that a plan's pieces fill on each rack when they go in, fractional; what is added later is not counted. */
export function freshLayers(plan: Plan): number {
  return layersOf({ ...plan, cut: cutAsLoaded(plan) }, plan.fryer.basketArea) / plan.fryer.racks;
}
