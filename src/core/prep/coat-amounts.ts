/** Flour, beaten egg and crumbs of one dredging, kg per m² of cut surface. Source: assumed; together the coat of `coat.ts` and what drips. */
const DREDGE = { flour: 0.04, egg: 0.09, crumb: 0.11 } as const;

/** What a second egg and crumb adds, share of the first. Source: as in `coat.ts`. */
const SECOND = 2 / 3;

/** What is left in the bowls, share of what clings. Source: assumed. */
const LEFT_IN_BOWLS = 0.25;

/** One egg without its shell, kg. Source: a middling hen's egg. */
const EGG = 0.05;

/** A dredge line for some surface, kg; eggs as a count. */
export interface DredgeAmounts {
  readonly flour: number;
  readonly eggs: number;
  readonly crumb: number;
}

/** What to set out for dredging `surface` m² once or twice, with what stays in the bowls. */
export function dredgeAmounts(surface: number, layers: 1 | 2): DredgeAmounts {
  const more = (1 + LEFT_IN_BOWLS) * surface;
  const again = layers === 2 ? 1 + SECOND : 1;
  return { flour: DREDGE.flour * more, eggs: (DREDGE.egg * more * again) / EGG, crumb: DREDGE.crumb * more * again };
}

/** Salt of a brine for vegetables and tofu, kg per kg of water. Source: common practice, 2–3 %. */
const BRINE_SALT = 0.025;

/** Water that covers pieces, kg per kg. Source: assumed, a bowl just covering them. */
const COVERING = 1.5;

/** Water and salt that cover `mass` kg of pieces. */
export function brineAmounts(mass: number): { readonly water: number; readonly salt: number } {
  return { water: COVERING * mass, salt: COVERING * mass * BRINE_SALT };
}

/** Marinade that wets all surfaces, kg per m². Source: assumed; 100 g/m² cling, as much stays in the bowl. */
const MARINADE = 0.2;

/** Marinade for `surface` m², kg. */
export function marinadeAmount(surface: number): number {
  return MARINADE * surface;
}

/** Salt that tastes right on crisp pieces, kg per kg as served. Source: assumed, 0.8–1 %. */
const TABLE_SALT = 0.009;

/** Salt for pieces that weigh `served` kg when they come out. */
export function tableSalt(served: number): number {
  return TABLE_SALT * served;
}

/** Oil that one second of a pump spray gives, kg. Source: assumed, about 1 g. */
export const SPRAY_PER_SECOND = 0.001;
