import { PRIOR_SPREAD } from '../forecast/unknowns';

/** What a kitchen can learn of one batch, in this order: three of the fryer, one of what browns, two of the cook's taste, how long the food's heart takes to soften, and its sugar. */
export const QUANTITIES = [
  'heatTransfer',
  'offset',
  'power',
  'browning',
  'shade',
  'firmness',
  'softening',
  'sugar',
] as const;

/** One of them: ln h, K, ln P, ln kb, ln of what is called the wished colour, ln of what is called the wished bite, ln of the dose that softens, ln of the reducing sugar. */
export type Quantity = (typeof QUANTITIES)[number];

/** Spread of taste before anything is known, ln. Source: assumed; half a swatch for colour. Together with that of the food it is the 0.45 of `PRIOR_SPREAD`. */
const TASTE_SPREAD = { shade: 0.27, firmness: 0.2 } as const;

/** Spread of the dose that softens a food before anything is known, ln. Source: assumed; boiling times of one vegetable in cookery books differ by half, by variety, age and hardness of the water. */
const SOFTENING_SPREAD = 0.3;

/** Spread of a produce's sugar before anything is known, ln. Source: assumed; tables give one vegetable half to twice the usual, by variety, age and store, and the store is asked for. */
const SUGAR_SPREAD = 0.3;

/**
 * One standard deviation of each before anything is known: the unit in which all of learning counts, so that its matrices are
 * well scaled. ln h, K, ln P, ln kb of food and day without taste, ln shade, ln firmness, ln of the softening dose, ln sugar.
 */
export const UNIT: Readonly<Record<Quantity, number>> = {
  heatTransfer: PRIOR_SPREAD.heatTransfer,
  offset: PRIOR_SPREAD.offset,
  power: PRIOR_SPREAD.power,
  browning: Math.sqrt(PRIOR_SPREAD.browning ** 2 - TASTE_SPREAD.shade ** 2),
  ...TASTE_SPREAD,
  softening: SOFTENING_SPREAD,
  sugar: SUGAR_SPREAD,
};

/** A value of each quantity, in their units. */
export type Quantities = readonly number[];

/** How many there are. */
export const QUANTITY_COUNT = QUANTITIES.length;

/** Index of a quantity in their order. */
export function quantityIndex(quantity: Quantity): number {
  return QUANTITIES.indexOf(quantity);
}
