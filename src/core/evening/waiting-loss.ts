import { AMBIENT_TEMPERATURE } from '../properties/kitchen-air';
import { kelvinFromCelsius } from '../units/temperature';
import { type LossCurve, risingCurve } from './loss-curve';

/** Points that a dish loses whose bite is gone altogether. Source: the unit; a dish has 100. */
const ALL_OF_IT = 100;

/** Bite over that at the drawer up to which nobody calls it hard, and what is lost beyond, points for twice the bite. Source: assumed. */
const HARD = 1.1;
const HARDER = 50;

/** Hearts at which food is called hot, and what a dish loses that has gone cold, points. Source: assumed. */
const HOT = kelvinFromCelsius(55);
const COLD = 40;

/** Share of a dish that a piece loses which is not right. Source: assumed; it is eaten all the same. */
const NOT_RIGHT = 0.5;

/** What eaters lose by food at `heart` K. */
function coldLoss(heart: number): number {
  return COLD * Math.min(1, Math.max(0, (HOT - heart) / (HOT - AMBIENT_TEMPERATURE)));
}

/** What eaters lose by a bite over that at the drawer. */
function biteLoss(kept: number): number {
  return ALL_OF_IT * Math.max(0, 1 - kept) + HARDER * Math.max(0, kept - HARD);
}

/** How a batch keeps while it waits: bite over that at the drawer and K of the hearts, each `interval` s. */
export interface Keeping {
  readonly interval: number;
  readonly kept: readonly number[];
  readonly hearts: readonly number[];
}

/**
 * What eaters lose by a wait, points of a dish.It goes soft, or in the oven dries
 * on until it is hard, and it cools.
 * @param share of the dish that waits @param bite over that at the drawer when the wait begins
 */
export function waitingLoss({ interval, kept, hearts }: Keeping, share = 1, bite = 1): LossCurve {
  return risingCurve(
    interval,
    kept.map((one, i) => share * (biteLoss(bite * one) + coldLoss(hearts[i]!))),
  );
}

/** What eaters lose by pieces that are not right when pulled, points. @param right share of the pieces */
export function unevenLoss(right: number): number {
  return ALL_OF_IT * NOT_RIGHT * (1 - right);
}

/** How what is no batch of the app is at its best. */
export const TABLE_MANNERS = ['hot', 'fresh', 'keeps'] as const;

/** @see TABLE_MANNERS */
export type TableManner = (typeof TABLE_MANNERS)[number];

/** A hot dish under a lid: K when done, and the s in which its warmth over the kitchen's falls to 1/e. Source: assumed, a pan of rice or fish. */
const SERVED_AT = kelvinFromCelsius(75);
const COOLING = 40 * 60;

/** What a fresh dish loses by a minute of standing dressed, points. Source: assumed; leaves hang after half an hour. */
const WILTING = 2;

const MINUTE = 60;

/** What eaters lose while a dish of the cook's own waits: one that must be hot cools, a fresh one wilts. */
export function ownLoss(manner: TableManner): LossCurve {
  if (manner === 'keeps') return { interval: MINUTE, values: [0, 0] };
  if (manner === 'fresh') return { interval: MINUTE, values: [0, WILTING] };
  return risingCurve(
    MINUTE,
    Array.from({ length: 91 }, (_, minute) =>
      coldLoss(AMBIENT_TEMPERATURE + (SERVED_AT - AMBIENT_TEMPERATURE) * Math.exp((-minute * MINUTE) / COOLING)),
    ),
  );
}
