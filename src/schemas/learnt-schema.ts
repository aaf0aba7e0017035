import { z } from 'zod';
import { PLACES } from '../core/fryer/places';

const factor = z.number().min(0.1).max(10);

/** h over each place of the floor against the mean of all, row by row from the back left. */
const places = z.array(factor).length(PLACES);

/** What was learnt of one drawer of two. */
const drawer = z.strictObject({
  offset_c: z.number().min(-60).max(60),
  heat_transfer: factor,
  power: factor,
  places: places.optional(),
});

/** What the kitchen that wrote a plan had learnt of its fryer, its food and its taste. Another kitchen puts its own in its place. */
export const learntSchema = z.strictObject({
  /** air beyond the dial, beyond what the fryer's own entry says */
  offset_c: z.number().min(-60).max(60),
  heat_transfer: factor,
  power: factor,
  browning: factor,
  /** what is called the wished colour and bite here, over what most call so */
  shade: factor,
  firmness: factor,
  /** on the dose that softens the food's heart */
  softening: factor.default(1),
  /** on its reducing sugar */
  sugar: factor.default(1),
  /** lower factor of the covariance that is left: ln heat transfer, K, ln power, ln browning over shade; row by row */
  spread: z.array(z.number().min(-60).max(60)).length(10),
  places: places.optional(),
  /** of each drawer by itself, in a fryer with two; what stands above is of the one that the plan goes into */
  drawers: z.array(drawer).length(2).optional(),
  /** how many batches it is from */
  batches: z.int().min(0).max(100_000),
});

/** @see learntSchema */
export type LearntFile = z.output<typeof learntSchema>;

/** What stands there of one drawer. */
export type LearntDrawerFile = z.output<typeof drawer>;
