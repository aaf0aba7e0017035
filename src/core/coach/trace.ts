import type { CookRecord } from '../batch/cook-record';
import { medianBrowning, medianCrispness } from '../batch/record-statistics';
import { findBestMoment } from '../forecast/best-moment';
import { watchMoment } from '../forecast/known-moment';
import { trackShares } from '../forecast/shares';
import type { Resolution } from '../batch/resolution';
import { simulateCook } from '../batch/simulate-cook';
import type { Plan } from '../plan/plan';

/** What can be seen or measured of a simulated cook, by sample; and when to pull. */
export interface Trace {
  /** s between samples */
  readonly interval: number;
  /** median face */
  readonly browning: Float32Array;
  /** median piece, over that wished */
  readonly crispness: Float32Array;
  /** dose at the heart over that which softens it */
  readonly softening: Float32Array;
  /** kg in the basket */
  readonly weight: Float32Array;
  /** share of the pieces that are right */
  readonly right: Float32Array;
  /** K */
  readonly air: Float32Array;
  /** s, or null when not within the stages */
  readonly pullTime: number | null;
}

/** Resolution of a particle: the typical piece matters, not the picture. Source: done minute within 3 % of the standard one. */
export const PARTICLE_RESOLUTION: Resolution = { pieces: 6, cells: 13, step: 10, interval: 40 };

/** Cooks the plan and keeps what can be observed. */
export function traceOf(plan: Plan, seed: number): Trace {
  return tracesIn(simulateCook(plan, seed, PARTICLE_RESOLUTION), plan, [1])[0]!;
}

/**
 * What can be observed of foods that brown so many times as fast, from one cook: nothing may be pulled by colour on the way. The cook
 * ends once the moment to pull is known for all of them, but not before `atLeast` s, so that what is told until then can be held against it.
 */
export function tracesOf(plan: Plan, seed: number, scales: readonly number[], atLeast: number): Trace[] {
  return tracesIn(recordUntilKnown(plan, seed, scales, atLeast), plan, scales);
}

/** The record that such traces are of. */
export function recordUntilKnown(plan: Plan, seed: number, scales: readonly number[], atLeast: number): CookRecord {
  const watch = watchMoment(plan, scales);
  return simulateCook(plan, seed, PARTICLE_RESOLUTION, (arrays, sample) => {
    const isKnown = watch(arrays, sample);
    return isKnown && sample * arrays.interval >= atLeast;
  });
}

/** The traces of one record for foods that brown so many times as fast; what does not depend on that is shared by all. */
export function tracesIn(record: CookRecord, plan: Plan, scales: readonly number[]): Trace[] {
  const perSample = (value: (record: CookRecord, sample: number) => number) =>
    Float32Array.from({ length: record.samples }, (_, s) => value(record, s));
  const browning = perSample(medianBrowning);
  const crispness = perSample(medianCrispness);
  return scales.map((scale) => {
    const track = trackShares(record, plan, scale);
    const { pull, inTime } = findBestMoment(track);
    return {
      interval: record.interval,
      browning: browning.map((value) => value * scale),
      crispness,
      softening: record.softening,
      weight: record.weight,
      right: Float32Array.from({ length: record.samples }, (_, s) => track.shares[4 * s + 1]!),
      air: record.airTemperature,
      pullTime: inTime ? pull.time : null,
    };
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
