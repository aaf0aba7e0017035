import { simulateCook } from '../batch/simulate-cook';
import { sampleAt } from '../batch/record-statistics';
import { quantileOfSorted } from '../numeric/quantile';
import type { Plan } from '../plan/plan';

const SEED = 1;

/**
 * Browning of the sampled pieces, palest first, when a batch was pulled `pulledAfter` s after loading (null: at the end of
 * the stages), scaled so that the median is the colour the cook saw.
 */
export function fingerprintAt(plan: Plan, pulledAfter: number | null, seenBrowning: number): number[] {
  const record = simulateCook(plan, SEED);
  const sample = sampleAt(record, pulledAfter);
  const pieces = Array.from({ length: record.pieces }, (_, p) => {
    const at = 2 * (sample * record.pieces + p);
    return (record.browning[at]! + record.browning[at + 1]!) / 2;
  }).sort((a, b) => a - b);
  const median = quantileOfSorted(pieces, 0.5);
  if (median <= 1e-6) return pieces.map(() => seenBrowning);
  return pieces.map((browning) => Math.min(6, (browning * seenBrowning) / median));
}
