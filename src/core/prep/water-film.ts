import type { DryingMethod } from '../plan/plan';

/**
 * Water left lying on cut surfaces, kg/m². Source: feasibility study: drained 150–250 g/m², towelled about 30,
 * towelled twice or spun 10–15.
 */
export const FILM_AFTER: Record<DryingMethod, number> = {
  drain: 0.2,
  towel: 0.03,
  'towel-twice': 0.012,
  spinner: 0.015,
};

/** Juice on a freshly cut surface that was never in water, kg/m². Source: assumed, about that of a towelled one. */
export const CUT_JUICE = 0.025;
