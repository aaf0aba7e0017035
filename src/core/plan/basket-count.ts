import { type Plan, planParts } from './plan';
import { batchYield } from '../cut/batch-yield';

/** Pieces of all foods of a plan, those that are added on the way included. */
export function basketCount(plan: Plan): number {
  return planParts(plan).reduce((sum, { food, cut, mass }) => sum + batchYield(food, cut, mass).count, 0);
}
