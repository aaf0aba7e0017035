import type { PrepStep } from './plan-steps';

/** Longest that a marinade stands outside the fridge, min. Source: food-safety practice, assumed half an hour. */
export const MARINADE_OUTSIDE = 30;

/** Where a marinade stands: as said, else in the fridge beyond half an hour. */
export function marinadePlace({ minutes, place }: Extract<PrepStep, { step: 'marinate' }>): 'kitchen' | 'fridge' {
  return place ?? (minutes > MARINADE_OUTSIDE ? 'fridge' : 'kitchen');
}
