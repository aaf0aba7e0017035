import { z } from 'zod';
import type { Learnt } from '../core/learn/learnt';

const factor = z.number().min(0.1).max(10);

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
  /** lower factor of the covariance that is left: ln heat transfer, K, ln power, ln browning over shade; row by row */
  spread: z.array(z.number().min(-60).max(60)).length(10),
  /** how many batches it is from */
  batches: z.int().min(0).max(100_000),
});

/** @see learntSchema */
export type LearntFile = z.output<typeof learntSchema>;

/** As the engine takes it. */
export function learntFromFile({ offset_c, heat_transfer, ...file }: LearntFile): Learnt {
  return {
    offset: offset_c,
    heatTransfer: heat_transfer,
    power: file.power,
    browning: file.browning,
    shade: file.shade,
    firmness: file.firmness,
    spread: file.spread,
  };
}

const rounded = (value: number) => Number(value.toFixed(4));

/** As a plan keeps it. */
export function learntToFile(learnt: Learnt, batches: number): LearntFile {
  return {
    offset_c: rounded(learnt.offset),
    heat_transfer: rounded(learnt.heatTransfer),
    power: rounded(learnt.power),
    browning: rounded(learnt.browning),
    shade: rounded(learnt.shade),
    firmness: rounded(learnt.firmness),
    spread: learnt.spread.map(rounded),
    batches,
  };
}
