import type { CookRecord } from '../batch/cook-record';
import { charring, darkness, type Looks, readiness, RIGHT_BROWNING } from '../piece/judge-piece';
import { type Plan, planParts } from '../plan/plan';

/** Shares of pieces by verdict against time; each row sums to one. */
export interface ShareTrack {
  /** s between rows */
  readonly interval: number;
  readonly samples: number;
  /** [sample][under, right, dark, burnt] flat */
  readonly shares: Float64Array;
}

/**
 * Half the width of the band around each limit, in ln, over which a piece counts in part: a sampled piece stands for several of
 * the basket, which differ, and no eye draws the line sharper. With it the shares have no jumps. Source: assumed, a tenth.
 */
const BLUR = 0.1;

/** Share of the pieces for which a sampled one stands that are past a limit; ½ at it. @param ratio the piece's value over the limit */
function pastLimit(ratio: number): number {
  if (ratio <= 0) return 0;
  return Math.min(1, Math.max(0, (Math.log(ratio) + BLUR) / (2 * BLUR)));
}

/** Judges every piece at every sample of a record by the wish for its part; one that is not in yet is under. */
export function trackShares(record: CookRecord, plan: Plan): ShareTrack {
  const wishes = planParts(plan).map((part) => RIGHT_BROWNING[part.target.colour]);
  const { samples, pieces } = record;
  const shares = new Float64Array(samples * 4);
  const looks: Looks = { faceA: 0, faceB: 0, crispness: 0, softness: 0 };
  for (let s = 0; s < samples; s++) {
    for (let p = 0; p < pieces; p++) {
      const at = s * pieces + p;
      looks.faceA = record.browning[2 * at]!;
      looks.faceB = record.browning[2 * at + 1]!;
      looks.crispness = record.crispness[at]!;
      looks.softness = record.softness[at]!;
      const wish = wishes[record.part[p]!]!;
      const burnt = pastLimit(charring(looks));
      const dark = Math.max(burnt, pastLimit(darkness(looks, wish)));
      const ready = Math.max(dark, pastLimit(readiness(looks, wish)));
      shares[4 * s] = shares[4 * s]! + (1 - ready) / pieces;
      shares[4 * s + 1] = shares[4 * s + 1]! + (ready - dark) / pieces;
      shares[4 * s + 2] = shares[4 * s + 2]! + (dark - burnt) / pieces;
      shares[4 * s + 3] = shares[4 * s + 3]! + burnt / pieces;
    }
  }
  return { interval: record.interval, samples, shares };
}
