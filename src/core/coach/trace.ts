import type { CookRecord } from '../batch/cook-record';
import type { Beginnings } from '../batch/beginnings';
import { medianBrowning, medianCrispness } from '../batch/record-statistics';
import { findBestMoment } from '../forecast/best-moment';
import { watchMoment } from '../forecast/known-moment';
import { type ShareTrack, trackShares } from '../forecast/shares';
import { MEMBER_RESOLUTION } from '../batch/resolution';
import { type IsKnown, simulateCook } from '../batch/simulate-cook';
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

/** Cooks the plan and keeps what can be observed. */
export function traceOf(plan: Plan, seed: number): Trace {
  return tracesIn(simulateCook(plan, seed, MEMBER_RESOLUTION), plan, [1])[0]!;
}

/**
 * What can be observed of foods that brown so many times as fast, from one cook: nothing may be pulled by colour on the way. The cook
 * ends once the moment to pull is known for all of them, but not before `atLeast` s, so that what is told until then can be held against it.
 */
export function tracesOf(
  plan: Plan,
  seed: number,
  scales: readonly number[],
  atLeast: number,
  beginnings?: Beginnings,
): Trace[] {
  return tracesIn(recordUntilKnown(plan, seed, scales, atLeast, beginnings), plan, scales);
}

/** The record that such traces are of. */
export function recordUntilKnown(
  plan: Plan,
  seed: number,
  scales: readonly number[],
  atLeast: number,
  beginnings?: Beginnings,
): CookRecord {
  const watch = watchMoment(plan, scales);
  const isOver: IsKnown = (arrays, sample) => {
    const isKnown = watch(arrays, sample);
    return isKnown && sample * arrays.interval >= atLeast;
  };
  return simulateCook(plan, seed, MEMBER_RESOLUTION, isOver, beginnings);
}

/** The traces of one record for foods that brown so many times as fast; what does not depend on that is shared by all. */
export function tracesIn(record: CookRecord, plan: Plan, scales: readonly number[]): Trace[] {
  const perSample = (value: (record: CookRecord, sample: number) => number) => {
    const track = new Float32Array(record.samples);
    for (let s = 0; s < track.length; s++) track[s] = value(record, s);
    return track;
  };
  const browning = perSample(medianBrowning);
  const crispness = perSample(medianCrispness);
  return scales.map((scale) => {
    const track = trackShares(record, plan, scale);
    const { pull, inTime } = findBestMoment(track);
    return {
      interval: record.interval,
      browning: times(browning, scale),
      crispness,
      softening: record.softening,
      weight: record.weight,
      right: rightOf(track),
      air: record.airTemperature,
      pullTime: inTime ? pull.time : null,
    };
  });
}

function times(track: Float32Array, scale: number): Float32Array {
  const scaled = new Float32Array(track.length);
  for (let s = 0; s < track.length; s++) scaled[s] = track[s]! * scale;
  return scaled;
}

/** Share of right pieces at each sample. */
function rightOf({ samples, shares }: ShareTrack): Float32Array {
  const right = new Float32Array(samples);
  for (let s = 0; s < samples; s++) right[s] = shares[4 * s + 1]!;
  return right;
}

/** A track of a trace at `time` s, linear between samples, held at both ends. */
export function traceAt(trace: Trace, track: Float32Array, time: number): number {
  const position = Math.min(track.length - 1, Math.max(0, time / trace.interval));
  const below = Math.floor(position);
  const left = track[below]!;
  const right = track[Math.min(track.length - 1, below + 1)]!;
  return left + (right - left) * (position - below);
}
