import { batchYield } from '../cut/batch-yield';
import type { BatchPart, Plan } from '../plan/plan';
import { FLOOR_COVER } from './bed';

/** Layers that some pieces fill, fresh, on `basketArea` m² of floor; fractional. */
export function layersOf(part: BatchPart, basketArea: number): number {
  return batchYield(part.food, part.cut, part.mass).floor / (FLOOR_COVER * basketArea);
}

/** Layers that a plan's pieces fill when they go in, fractional; what is added later is not counted. */
export function freshLayers(plan: Plan): number {
  return layersOf(plan, plan.fryer.basketArea);
}
