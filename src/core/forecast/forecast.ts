import type { CookRecord } from '../batch/cook-record';
import { type Resolution, STANDARD_RESOLUTION } from '../batch/resolution';
import { simulateCook } from '../batch/simulate-cook';
import type { Plan } from '../plan/plan';
import { quantileOfSorted } from '../numeric/quantile';
import { type AcrylamideBand, acrylamideBand } from './acrylamide';
import { findDoneTime } from './done-time';
import { findWarnings } from './find-warnings';
import { type OilBudget, oilBudget } from './oil-budget';
import { type ShareTrack, trackShares } from './shares';
import type { Warning } from './warning';
import { findPeak, findWindow, type Peak, type Window } from './window';

/** What Drubek says of a plan in one fryer, before chance and the fryer's unknowns. */
export interface Forecast {
  readonly record: CookRecord;
  readonly track: ShareTrack;
  /** s, or null when not within the stages */
  readonly doneTime: number | null;
  readonly window: Window | null;
  readonly peak: Peak;
  /** s, when to begin looking; null when never done */
  readonly firstCheck: number | null;
  readonly oil: OilBudget;
  /** when done, or at the end of the stages; null where the food is not starchy */
  readonly acrylamide: AcrylamideBand | null;
  readonly warnings: readonly Warning[];
}

/** Share of right pieces at which a first look pays. Source: assumed. */
const CHECK_BEFORE = 0.12;

/** Forecasts a plan. Same plan, seed and resolution, same answer. */
export function forecastPlan(plan: Plan, seed = 1, resolution: Resolution = STANDARD_RESOLUTION): Forecast {
  const record = simulateCook(plan, seed, resolution);
  const track = trackShares(record, plan);
  const doneTime = findDoneTime(record, plan);
  const window = findWindow(track);
  const peak = findPeak(track);
  return {
    record,
    track,
    doneTime,
    window,
    peak,
    firstCheck: doneTime === null ? null : doneTime * (1 - CHECK_BEFORE),
    oil: oilBudget(plan, record.prepared),
    acrylamide: acrylamideBand(plan, browningWhen(record, doneTime), record.prepared.sugarLeft),
    warnings: findWarnings(plan, record, doneTime, window, peak),
  };
}

/** Browning of the median face at `time` s, or at the end. */
function browningWhen(record: CookRecord, time: number | null): number {
  const last = record.samples - 1;
  const sample = time === null ? last : Math.min(last, Math.round(time / record.interval));
  const faces = record.browning.slice(2 * sample * record.pieces, 2 * (sample + 1) * record.pieces).sort();
  return quantileOfSorted(faces, 0.5);
}
