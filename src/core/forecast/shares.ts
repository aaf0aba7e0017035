import type { CookRecord } from '../batch/cook-record';
import { type Plan, planParts } from '../plan/plan';
import { judgePiece } from '../piece/judge-piece';

/** Shares of pieces by verdict against time; each row sums to one. */
export interface ShareTrack {
  /** s between rows */
  readonly interval: number;
  readonly samples: number;
  /** [sample][under, right, dark, burnt] flat */
  readonly shares: Float64Array;
}

/** Judges every piece at every sample of a record by the wish for its part; one that is not in yet is under. */
export function trackShares(record: CookRecord, plan: Plan): ShareTrack {
  const colours = planParts(plan).map((part) => part.target.colour);
  const { samples, pieces } = record;
  const shares = new Float64Array(samples * 4);
  for (let s = 0; s < samples; s++) {
    for (let p = 0; p < pieces; p++) {
      const at = s * pieces + p;
      const verdict = judgePiece(
        record.browning[2 * at]!,
        record.browning[2 * at + 1]!,
        record.crispness[at]!,
        record.softness[at]!,
        colours[record.part[p]!]!,
      );
      shares[s * 4 + verdict] = shares[s * 4 + verdict]! + 1 / pieces;
    }
  }
  return { interval: record.interval, samples, shares };
}
