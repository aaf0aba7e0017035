import type { CookRecord } from '../batch/cook-record';
import { BURNT_FROM, charring, darkness, type Judge, judgeFor, type Looks, readiness } from '../piece/judge-piece';
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

/** Ends of that band, over the limit: beyond them no logarithm is needed. */
const NONE_TO = Math.exp(-BLUR);
const ALL_FROM = Math.exp(BLUR);

/** Share of the pieces for which a sampled one stands that are past a limit; ½ at it. @param ratio the piece's value over the limit */
function pastLimit(ratio: number): number {
  if (ratio <= NONE_TO) return 0;
  if (ratio >= ALL_FROM) return 1;
  return (Math.log(ratio) + BLUR) / (2 * BLUR);
}

/**
 * Judges every piece at every sample of a record by the wish for its part; one that is not in yet is under.
 * @param scale of browning, as of a food that browns so many times as fast
 */
export function trackShares(record: CookRecord, plan: Plan, scale = 1): ShareTrack {
  const wishes = judgesOf(plan);
  const { samples } = record;
  const shares = new Float64Array(samples * 4);
  for (let s = 0; s < samples; s++) judgeSample(record, wishes, s, scale, shares, 4 * s);
  if (plan.target.spread === 'mixed') mixOnPurpose(shares, samples);
  return { interval: record.interval, samples, shares };
}

/** The judge of each part of a plan, in the order in which they go in. */
export function judgesOf(plan: Plan): readonly Judge[] {
  return planParts(plan).map((part) => judgeFor(part.target));
}

const looks: Looks = { faceA: 0, faceB: 0, crispness: 0, softness: 0 };

/**
 * Adds the shares of one sample to a row of zeros: under, right, dark, burnt.
 * @param scale of browning, as of a food that browns so many times as fast
 */
export function judgeSample(
  record: Pick<CookRecord, 'pieces' | 'part' | 'browning' | 'crispness' | 'softness'>,
  wishes: readonly Judge[],
  sample: number,
  scale: number,
  shares: Float64Array,
  row: number,
): void {
  const { pieces } = record;
  for (let p = 0; p < pieces; p++) {
    const at = sample * pieces + p;
    looks.faceA = record.browning[2 * at]! * scale;
    looks.faceB = record.browning[2 * at + 1]! * scale;
    looks.crispness = record.crispness[at]!;
    looks.softness = record.softness[at]!;
    const wish = wishes[record.part[p]!]!;
    /* most looks are at pale pieces: those need no division */
    const darker = Math.max(looks.faceA, looks.faceB);
    const burnt = darker <= NONE_TO * BURNT_FROM ? 0 : pastLimit(charring(looks));
    const within =
      darker <= NONE_TO * Math.min(wish.to, wish.faceTo) && looks.crispness <= NONE_TO * wish.mostCrispness;
    const dark = within ? 0 : Math.max(burnt, pastLimit(darkness(looks, wish)));
    const under = looks.crispness <= NONE_TO * wish.leastCrispness || looks.softness <= NONE_TO * wish.softness;
    const ready = under ? dark : Math.max(dark, pastLimit(readiness(looks, wish)));
    shares[row] = shares[row]! + (1 - ready) / pieces;
    shares[row + 1] = shares[row + 1]! + (ready - dark) / pieces;
    shares[row + 2] = shares[row + 2]! + (dark - burnt) / pieces;
    shares[row + 3] = shares[row + 3]! + burnt / pieces;
  }
}

/**
 * Where some soft and some dark pieces are wished, the batch is right when half of them have come to the wish: 4r(1 − r) of what is
 * not burnt, r the share that has. Source: assumed; the parabola is one at a half and none where all are alike.
 */
function mixOnPurpose(shares: Float64Array, samples: number): void {
  for (let s = 0; s < samples; s++) {
    const burnt = shares[4 * s + 3]!;
    const whole = 1 - burnt;
    const come = whole > 0 ? (shares[4 * s + 1]! + shares[4 * s + 2]!) / whole : 1;
    const right = whole * 4 * come * (1 - come);
    shares[4 * s] = come < 0.5 ? whole - right : 0;
    shares[4 * s + 1] = right;
    shares[4 * s + 2] = come < 0.5 ? 0 : whole - right;
  }
}
