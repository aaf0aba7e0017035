import type { ShareTrack } from './shares';

/** Share of pieces that must be right for the window to be open. Source: product definition. */
export const WINDOW_SHARE = 0.8;

/** The stretch of time in which a batch is right. */
export interface Window {
  /** s */
  readonly from: number;
  /** s */
  readonly to: number;
}

/** The best moment of a cook. */
export interface Peak {
  /** s, middle of the stretch with the highest share */
  readonly time: number;
  /** 0–1 */
  readonly share: number;
}

const RIGHT = 1;

/** When the share of right pieces is highest; the middle of the plateau. */
export function findPeak(track: ShareTrack): Peak {
  let share = 0;
  let first = 0;
  let last = 0;
  for (let s = 0; s < track.samples; s++) {
    const here = track.shares[s * 4 + RIGHT]!;
    if (here > share + 1e-9) {
      share = here;
      first = s;
      last = s;
    } else if (here > share - 1e-9 && s === last + 1) {
      last = s;
    }
  }
  return { time: ((first + last) / 2) * track.interval, share };
}

/** Rounding of shares, which are sums of sixteenths. */
const ROUNDING = 1e-9;

/** The stretch from first reaching to first leaving the window share, linear between samples, or null when it is never reached. */
export function findWindow(track: ShareTrack): Window | null {
  const rightAt = (sample: number) => track.shares[sample * 4 + RIGHT]!;
  const isOpen = (sample: number) => rightAt(sample) >= WINDOW_SHARE - ROUNDING;
  let first = 0;
  while (first < track.samples && !isOpen(first)) first++;
  if (first === track.samples) return null;
  let last = first;
  while (last + 1 < track.samples && isOpen(last + 1)) last++;
  const before = first === 0 ? 0 : crossing(rightAt(first - 1), rightAt(first));
  const after = last + 1 === track.samples ? 0 : 1 - crossing(rightAt(last + 1), rightAt(last));
  const opened = first === 0 ? 0 : first - 1 + before;
  return { from: opened * track.interval, to: (last + after) * track.interval };
}

/** Where between a sample outside the window and one inside the share is crossed, 0 at the outer, 1 at the inner. */
function crossing(outside: number, inside: number): number {
  return Math.min(1, Math.max(0, (WINDOW_SHARE - outside) / (inside - outside)));
}
