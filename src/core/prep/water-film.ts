import type { DryingMethod } from '../plan/plan';

/**
 * Water left lying on cut surfaces, kg/m². Source: design estimate: drained 150–250 g/m², towelled about 30,
 * towelled twice or spun 10–15; steam-dry and air begin as drained and are computed.
 */
export const FILM_AFTER: Record<DryingMethod, number> = {
  drain: 0.2,
  towel: 0.03,
  'towel-twice': 0.012,
  spinner: 0.015,
  'steam-dry': 0.2,
  air: 0.2,
};

/** Marinade that clings, kg/m². Source: assumed, thicker than water and partly wiped off. */
export const MARINADE_FILM = 0.1;

/** Time the cook's hands take to dry, s; steam-dry and air where none is given. Source: assumed, half a kilogram. */
export const DRYING_TIME: Record<DryingMethod, number> = {
  drain: 120,
  towel: 180,
  'towel-twice': 300,
  spinner: 120,
  'steam-dry': 300,
  air: 1200,
};

/** Juice on a freshly cut surface that was never in water, kg/m². Source: assumed, about that of a towelled one. */
export const CUT_JUICE = 0.025;
