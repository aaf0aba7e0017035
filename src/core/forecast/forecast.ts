import type { CookRecord } from '../batch/cook-record';
import { medianBrowning, sampleAt } from '../batch/record-statistics';
import { type Resolution, STANDARD_RESOLUTION } from '../batch/resolution';
import { simulateCook } from '../batch/simulate-cook';
import type { Plan } from '../plan/plan';
import { type AcrylamideBand, acrylamideBand } from './acrylamide';
import { type BestMoment, findBestMoment } from './best-moment';
import { findWarnings } from './find-warnings';
import { type OilBudget, oilBudget } from './oil-budget';
import { type ShareTrack, trackShares } from './shares';
import type { Warning } from './warning';

/** What Drubek says of a plan in one fryer, before chance and the fryer's unknowns. */
export interface Forecast extends BestMoment {
  readonly record: CookRecord;
  readonly track: ShareTrack;
  readonly oil: OilBudget;
  /** when pulled; null where the food forms none to speak of */
  readonly acrylamide: AcrylamideBand | null;
  readonly warnings: readonly Warning[];
}

/** The moment to pull, s; null without a forecast, and where the stages end too soon. */
export function pullTimeIn(forecast: Pick<BestMoment, 'pull' | 'inTime'> | null | undefined): number | null {
  return forecast?.inTime ? forecast.pull.time : null;
}

/** Forecasts a plan. Same plan, seed and resolution, same answer. */
export function forecastPlan(plan: Plan, seed = 1, resolution: Resolution = STANDARD_RESOLUTION): Forecast {
  const record = simulateCook(plan, seed, resolution);
  const track = trackShares(record, plan);
  const moment = findBestMoment(track);
  return {
    ...moment,
    record,
    track,
    oil: oilBudget(plan, record.prepared),
    acrylamide: acrylamideBand(record.prepared, medianBrowning(record, sampleAt(record, moment.pull.time))),
    warnings: findWarnings(plan, record, moment),
  };
}
