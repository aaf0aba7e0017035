import { type Plan, planParts } from '../plan/plan';
import { batchYield } from './batch-yield';

/** Pieces of all foods of a plan, those that are added on the way included. */
export function basketCount(plan: Plan): number {
  return planParts(plan).reduce((sum, { food, cut, mass }) => sum + batchYield(food, cut, mass).count, 0);
}
