import { z } from 'zod';
import { PLACES } from '../core/fryer/places';
import type { Learnt } from '../core/learn/learnt';
import type { LearntFryer } from '../core/learn/with-learnt';

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

/** What a file says of a fryer or a drawer of it, as the engine takes it. */
function fryerFromFile({ offset_c, heat_transfer, power, places: own }: z.output<typeof drawer>): LearntFryer {
  return { offset: offset_c, heatTransfer: heat_transfer, power, ...(own ? { places: own } : {}) };
}

/** As the engine takes it. */
export function learntFromFile(file: LearntFile): { learnt: Learnt; drawers: readonly LearntFryer[] | undefined } {
  const { browning, shade, firmness, softening, spread } = file;
  return {
    learnt: { ...fryerFromFile(file), browning, shade, firmness, softening, spread },
    drawers: file.drawers?.map(fryerFromFile),
  };
}

const rounded = (value: number) => Number(value.toFixed(4));

function fryerToFile({ offset, heatTransfer, power, places: own }: LearntFryer): z.output<typeof drawer> {
  return {
    offset_c: rounded(offset),
    heat_transfer: rounded(heatTransfer),
    power: rounded(power),
    ...(own ? { places: own.map(rounded) } : {}),
  };
}

/** As a plan keeps it. @param drawers of each drawer, where there are two */
export function learntToFile(learnt: Learnt, batches: number, drawers?: readonly LearntFryer[]): LearntFile {
  return {
    ...fryerToFile(learnt),
    browning: rounded(learnt.browning),
    shade: rounded(learnt.shade),
    firmness: rounded(learnt.firmness),
    softening: rounded(learnt.softening),
    spread: learnt.spread.map(rounded),
    ...(drawers ? { drawers: drawers.map(fryerToFile) } : {}),
    batches,
  };
}
