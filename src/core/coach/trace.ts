import { findDoneTime } from '../forecast/done-time';
import { judgePiece } from '../piece/judge-piece';
import type { CookRecord } from '../batch/cook-record';
import type { Resolution } from '../batch/resolution';
import { simulateCook } from '../batch/simulate-cook';
import type { Plan } from '../plan/plan';

/** What can be seen or measured of a simulated cook, by sample; and when it is done. */
export interface Trace {
  /** s between samples */
  readonly interval: number;
  /** median face */
  readonly browning: Float32Array;
  /** median piece, over that wished */
  readonly crispness: Float32Array;
  readonly waterLost: Float32Array;
  /** share of the pieces that are right */
  readonly right: Float32Array;
  /** K */
  readonly air: Float32Array;
  /** s, or null when not within the stages */
  readonly doneTime: number | null;
}

/** Resolution of a particle: the typical piece matters, not the picture. Source: done minute within 3 % of the standard one. */
export const PARTICLE_RESOLUTION: Resolution = { pieces: 6, cells: 13, step: 8, interval: 40 };

/** Cooks the plan and keeps what can be observed. */
export function traceOf(plan: Plan, seed: number): Trace {
  const record = simulateCook(plan, seed, PARTICLE_RESOLUTION);
  return {
    interval: record.interval,
    browning: medians(record, record.browning, 2 * record.pieces),
    crispness: medians(record, record.crispness, record.pieces),
    waterLost: record.waterLost,
    right: rightShares(record, plan),
    air: record.airTemperature,
    doneTime: findDoneTime(record, plan),
  };
}

function rightShares({ samples, pieces, browning, crispness, softness }: CookRecord, plan: Plan): Float32Array {
  return Float32Array.from({ length: samples }, (_, s) => {
    let right = 0;
    for (let at = s * pieces; at < (s + 1) * pieces; at++) {
      const verdict = judgePiece(
        browning[2 * at]!,
        browning[2 * at + 1]!,
        crispness[at]!,
        softness[at]!,
        plan.target.colour,
      );
      if (verdict === 1) right++;
    }
    return right / pieces;
  });
}

function medians(record: CookRecord, values: Float32Array, width: number): Float32Array {
  return Float32Array.from({ length: record.samples }, (_, s) => {
    const sorted = values.slice(s * width, (s + 1) * width).sort();
    return (sorted[(width - 1) >> 1]! + sorted[width >> 1]!) / 2;
  });
}

/** A track of a trace at `time` s, linear between samples, held at both ends. */
export function traceAt(trace: Trace, track: Float32Array, time: number): number {
  const position = Math.min(track.length - 1, Math.max(0, time / trace.interval));
  const below = Math.floor(position);
  const left = track[below]!;
  const right = track[Math.min(track.length - 1, below + 1)]!;
  return left + (right - left) * (position - below);
}
