import { handsOnDuration, prepDuration, prepTasks } from '../prep/prep-tasks';
import type { CookRecord } from '../batch/cook-record';
import type { Resolution } from '../batch/resolution';
import type { Plan } from '../plan/plan';
import type { AcrylamideBand } from './acrylamide';
import { forecastPlan } from './forecast';

/** What a plan comes to, in the few numbers by which two plans are compared. */
export interface PlanOutcome {
  /** s, or null when not within the stages */
  readonly doneTime: number | null;
  /** s that the window is open; 0 when never */
  readonly windowWidth: number;
  /** share of pieces right at the best moment */
  readonly peakShare: number;
  readonly acrylamide: AcrylamideBand | null;
  /** kg */
  readonly oilUsed: number;
  /** J to the end of the stages */
  readonly energy: number;
  /** share of pieces likely broken before they are loaded */
  readonly breakage: number;
  /** typical browning against time; `interval` s between values */
  readonly browning: { readonly interval: number; readonly values: readonly number[] };
  /** s of the cook's hands before loading */
  readonly handsOn: number;
  /** s from the first task to loading */
  readonly preparation: number;
}

/** Forecasts a plan and keeps the few numbers. */
export function outcomeOf(plan: Plan, seed: number, resolution: Resolution): PlanOutcome {
  const { doneTime, window, peak, acrylamide, oil, record } = forecastPlan(plan, seed, resolution);
  const tasks = prepTasks(plan);
  return {
    doneTime,
    windowWidth: window ? window.to - window.from : 0,
    peakShare: peak.share,
    acrylamide,
    oilUsed: oil.used,
    energy: record.energy,
    breakage: record.prepared.breakage,
    browning: { interval: record.interval, values: typicalBrowning(record) },
    handsOn: handsOnDuration(tasks),
    preparation: prepDuration(tasks),
  };
}

/** Browning of the median face at every sample. */
function typicalBrowning({ browning, samples, pieces }: CookRecord): number[] {
  return Array.from(
    { length: samples },
    (_, s) => browning.slice(2 * s * pieces, 2 * (s + 1) * pieces).sort()[pieces]!,
  );
}
