import { firstReached, type ShareTrack } from './shares';

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

/** The stretch from first reaching to last leaving the window share around the peak, or null when it is never reached. */
export function findWindow(track: ShareTrack): Window | null {
  const from = firstReached(track, RIGHT, WINDOW_SHARE);
  if (from === null) return null;
  let last = Math.ceil(from / track.interval);
  while (last + 1 < track.samples && track.shares[(last + 1) * 4 + RIGHT]! >= WINDOW_SHARE - 1e-9) last++;
  const here = track.shares[last * 4 + RIGHT]!;
  const next = last + 1 < track.samples ? track.shares[(last + 1) * 4 + RIGHT]! : here;
  const beyond = next < WINDOW_SHARE ? (here - WINDOW_SHARE) / (here - next) : 0;
  return { from, to: (last + beyond) * track.interval };
}
