import type { ShareTrack } from './shares';

/** Share of pieces that must be right for the window to hold. Source: product definition. */
export const WINDOW_SHARE = 0.8;

/** The pull comes when the share of right pieces is within this of its best. Source: product definition. */
export const NEAR_BEST = 0.05;

/** A best share below this is none at all: one piece of sixteen is no moment to pull the others. Source: chosen, a tenth of the pieces. */
export const NOTHING_RIGHT = 0.1;

/** Share of the pieces that must have come to the wish for a cook that was still ripening at its end to count as done in time. Source: assumed, most. */
const MOST_READY = 0.5;

/** A moment of a cook and the share of pieces right then. */
export interface Moment {
  /** s */
  readonly time: number;
  /** 0–1 */
  readonly share: number;
}

/** The stretch of time around the pull in which a batch is as good as it gets. */
export interface Window {
  /** s */
  readonly from: number;
  /** s */
  readonly to: number;
  /** whether at least 80 % are right throughout; else the share is within 5 % of the best there is */
  readonly held: boolean;
}

/** When to pull, and what is around that moment. */
export interface BestMoment {
  /** first moment within 5 % of the best share, in the window */
  readonly pull: Moment;
  /** middle of the stretch with the highest share */
  readonly peak: Moment;
  readonly window: Window;
  /** false where the cook ends while most pieces are still under what is wished */
  readonly inTime: boolean;
  /** s, when the first tenth of the pieces has come to the wish */
  readonly firstCheck: number;
}

/** Share of the pieces that have come to the wish when a first look pays. Source: product definition. */
const FIRST_LOOK = 0.1;

const UNDER = 0;
const RIGHT = 1;

/** The one moment to pull. There always is one: where nothing is ever right, it is when as many pieces are past the wish as short of it. */
export function findBestMoment(track: ShareTrack): BestMoment {
  const right = column(track, RIGHT);
  const ready = column(track, UNDER).map((under) => 1 - under);
  const last = track.samples - 1;
  const best = Math.max(...right);
  const firstCheck = (pull: number) => Math.min(pull, (crossing(ready, FIRST_LOOK, 0, last) ?? last) * track.interval);
  if (best < NOTHING_RIGHT) {
    const time = (crossing(ready, MOST_READY, 0, last) ?? last) * track.interval;
    const moment = { time, share: best };
    return {
      pull: moment,
      peak: moment,
      window: { from: time, to: time, held: false },
      inTime: ready[last]! >= MOST_READY,
      firstCheck: firstCheck(time),
    };
  }
  const near = (1 - NEAR_BEST) * best;
  const held = best >= WINDOW_SHARE - ROUNDING;
  const [from, to] = longestStretch(right, held ? WINDOW_SHARE - ROUNDING : near, near);
  const pulled = Math.max(from, crossing(right, near, Math.floor(from), Math.ceil(to)) ?? from);
  const isFalling = right[last]! < near;
  const time = pulled * track.interval;
  return {
    pull: { time, share: valueAt(right, pulled) },
    peak: peakWithin(right, from, to, track.interval),
    window: { from: from * track.interval, to: to * track.interval, held },
    inTime: isFalling || ready[last]! >= MOST_READY,
    firstCheck: firstCheck(time),
  };
}

/** Rounding of shares, which are sums of sixteenths. Source: numerics. */
const ROUNDING = 1e-9;

function column({ samples, shares }: ShareTrack, verdict: number): Float64Array {
  const values = new Float64Array(samples);
  for (let s = 0; s < samples; s++) values[s] = shares[4 * s + verdict]!;
  return values;
}

function valueAt(values: Float64Array, position: number): number {
  const below = Math.min(values.length - 1, Math.floor(position));
  const above = Math.min(values.length - 1, below + 1);
  return values[below]! + (values[above]! - values[below]!) * (position - below);
}

/** First place from sample `from` to `to` where values reach a level, linear between samples; null where they never do. */
function crossing(values: Float64Array, level: number, from: number, to: number): number | null {
  for (let s = from; s <= to; s++) {
    if (values[s]! < level) continue;
    return s === 0 || s === from || values[s - 1]! >= level
      ? s
      : s - 1 + (level - values[s - 1]!) / (values[s]! - values[s - 1]!);
  }
  return null;
}

/** The longest stretch, in samples, over which values stay at a level or above and reach `near` somewhere; the first of equals. */
function longestStretch(values: Float64Array, level: number, near: number): [number, number] {
  const last = values.length - 1;
  let longest: [number, number] = [0, -1];
  for (let s = 0; s <= last; s++) {
    if (values[s]! < level) continue;
    const first = s;
    let most = values[s]!;
    while (s < last && values[s + 1]! >= level) most = Math.max(most, values[++s]!);
    const from = first === 0 ? 0 : first - 1 + (level - values[first - 1]!) / (values[first]! - values[first - 1]!);
    const to = s === last ? last : s + (values[s]! - level) / (values[s]! - values[s + 1]!);
    if (most >= near - ROUNDING && to - from > longest[1] - longest[0]) longest = [from, to];
  }
  return longest;
}

/** Middle of the highest plateau within a stretch. */
function peakWithin(values: Float64Array, from: number, to: number, interval: number): Moment {
  let share = -1;
  let [first, last] = [from, to];
  for (let s = Math.ceil(from); s <= Math.floor(to); s++) {
    if (values[s]! > share + ROUNDING) {
      share = values[s]!;
      [first, last] = [s, s];
    } else if (values[s]! > share - ROUNDING && s === last + 1) last = s;
  }
  return { time: ((first + last) / 2) * interval, share: Math.max(share, 0) };
}
