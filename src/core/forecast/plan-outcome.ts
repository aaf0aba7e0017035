import { handsOnDuration, prepDuration, prepTasks } from '../prep/prep-tasks';
import { boardWork } from '../prep/board-work';
import { medianBrowning } from '../batch/record-statistics';
import { equalLoads, type LoadShare } from '../plan/load-share';
import type { Plan } from '../plan/plan';
import type { AcrylamideBand } from './acrylamide';
import { forecastLoads } from './forecast-loads';

/** How a plan turns out, in the few numbers by which two plans are compared. */
export interface PlanOutcome {
  /** s, when to pull; null where the stages end before most pieces are ready */
  readonly pullTime: number | null;
  /** s from the first loading to the last pull; the pull itself where all goes in at once */
  readonly atFryer: number | null;
  /** s for which at least 80 % are right; 0 when never */
  readonly windowWidth: number;
  /** share of pieces right when pulled */
  readonly peakShare: number;
  readonly acrylamide: AcrylamideBand | null;
  /** kg */
  readonly oilUsed: number;
  /** J until all is pulled */
  readonly energy: number;
  /** share of pieces likely broken before they are loaded */
  readonly breakage: number;
  /** typical browning against time until nothing more can be right; `interval` s between values */
  readonly browning: { readonly interval: number; readonly values: readonly number[] };
  /** s of the cook's hands before loading, on the board and after */
  readonly handsOn: number;
  /** s from the first cut to loading */
  readonly preparation: number;
}

/** Forecasts what is on the board in its loads and keeps the few numbers; pull and window are those of the first. */
export function outcomeOf(whole: Plan, seed: number, order: readonly LoadShare[] = equalLoads(1)): PlanOutcome {
  const { loads, time, evenness, energy, inTime } = forecastLoads(whole, order, seed);
  const { pull, window, acrylamide, record } = loads[0]!.forecast;
  const tasks = prepTasks(whole);
  return {
    pullTime: inTime ? pull.time : null,
    atFryer: inTime ? time : null,
    windowWidth: window.held ? window.to - window.from : 0,
    peakShare: evenness,
    acrylamide,
    oilUsed: loads.reduce((sum, { forecast }) => sum + forecast.oil.used, 0),
    energy,
    breakage: record.prepared.breakage,
    browning: {
      interval: record.interval,
      values: Array.from({ length: record.samples }, (_, s) => medianBrowning(record, s)),
    },
    handsOn: boardWork(whole) + handsOnDuration(tasks),
    preparation: boardWork(whole) + prepDuration(tasks),
  };
}
