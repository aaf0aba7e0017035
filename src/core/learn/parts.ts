import type { Quantity } from './quantities';
import type { MadeWith } from './told-batch';

/**
 * Of a fryer's variance before anything is known, the share that all fryers of a kitchen have in common, by quantity: mains voltage
 * for the power, how baskets are filled for the air; a thermostat has hardly anything in common with another. Source: assumed.
 */
const IN_COMMON = { heatTransfer: 0.2, offset: 0.1, power: 0.4 } as const;

/** Of what is left, the share in which two drawers of one fryer differ. Source: assumed; they share housing and mains, not fan and sensor. */
const BY_DRAWER = 0.3;

/** How the variance of browning is made up: what kin share, the food's or the coat's own, and the day's lot, which is never learnt; sugar adds the fifth that is left, in bare potatoes. Source: assumed. */
export const BROWNING_SHARES = { kin: 0.24, own: 0.25, day: 0.3 } as const;

/** The same of the sugar that a food holds: kin share none, and what the year does to a food is done to its sugar. Source: assumed. */
export const SUGAR_SHARES = { food: 0.6, season: 0.4 } as const;

/** The same of the dose that softens it. Source: assumed; kin share little but the make of their cell walls. */
export const SOFTENING_SHARES = { kin: 0.1, food: 0.45, season: 0.15, day: 0.3 } as const;

/** What of a quantity of food belongs to each lot and is never learnt, by quantity. */
export const DAY_SHARES = { browning: BROWNING_SHARES.day, softening: SOFTENING_SHARES.day } as const;

/** One part that a quantity is the sum of. */
export interface Part {
  readonly name: string;
  /** in squares of the quantity's unit */
  readonly variance: number;
}

/** The parts that each quantity of a batch is the sum of, the day's share of what belongs to the food left out. */
export function partsOf({ fryer, drawer, food, coat, kin, season }: MadeWith): Record<Quantity, Part[]> {
  const ofFryer = (quantity: keyof typeof IN_COMMON): Part[] => {
    const common = IN_COMMON[quantity];
    const own = 1 - common;
    const parts = [{ name: `${quantity} of all`, variance: common }];
    if (drawer === null) return [...parts, { name: `${quantity} of ${fryer}`, variance: own }];
    return [
      ...parts,
      { name: `${quantity} of ${fryer}`, variance: own * (1 - BY_DRAWER) },
      { name: `${quantity} of ${fryer}, drawer ${drawer}`, variance: own * BY_DRAWER },
    ];
  };
  const ofFood = (quantity: Quantity, shares: { kin?: number; food: number; season: number }): Part[] =>
    food === null
      ? []
      : [
          ...(shares.kin === undefined ? [] : [{ name: `${quantity} of ${kin}`, variance: shares.kin }]),
          { name: `${quantity} of ${food}`, variance: shares.food },
          { name: `${quantity} of ${food} in season ${season}`, variance: shares.season },
        ];
  const [whatBrowns, likeIt] = coat === null ? [food, kin] : [`a coat of ${coat}`, 'coats'];
  return {
    heatTransfer: ofFryer('heatTransfer'),
    offset: ofFryer('offset'),
    power: ofFryer('power'),
    browning:
      food === null
        ? []
        : [
            { name: `browning of ${likeIt}`, variance: BROWNING_SHARES.kin },
            { name: `browning of ${whatBrowns}`, variance: BROWNING_SHARES.own },
          ],
    shade: [{ name: 'shade', variance: 1 }],
    firmness: [{ name: 'firmness', variance: 1 }],
    softening: ofFood('softening', SOFTENING_SHARES),
    sugar: ofFood('sugar', SUGAR_SHARES),
  };
}
