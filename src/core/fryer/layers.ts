import { batchYield } from '../cut/batch-yield';
import type { Plan } from '../plan/plan';
import { FLOOR_COVER } from './bed';

/** Layers that a plan's pieces fill when they go in, fractional. */
export function freshLayers(plan: Plan): number {
  return batchYield(plan.food, plan.cut, plan.mass).floor / (FLOOR_COVER * plan.fryer.basketArea);
}
