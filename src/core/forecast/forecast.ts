import type { Beginnings } from '../batch/beginnings';
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
import { watchMoment } from './known-moment';
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

/** Forecasts a plan to the end of its stages. Same plan, seed and resolution, same answer. */
export function forecastPlan(plan: Plan, seed = 1, resolution: Resolution = STANDARD_RESOLUTION): Forecast {
  return forecastOf(plan, simulateCook(plan, seed, resolution));
}

/**
 * The same forecast with a record that ends once nothing later can change the moment to pull, its window or its best. What looks
 * at the end of the stages differs: warnings that a plan does not crisp at all, and the record itself. Cost: about half.
 * @param beginnings of forecasts that share theirs, see `simulateCook`
 */
export function forecastToPull(
  plan: Plan,
  seed = 1,
  resolution: Resolution = STANDARD_RESOLUTION,
  beginnings?: Beginnings,
): Forecast {
  return forecastOf(plan, simulateCook(plan, seed, resolution, watchMoment(plan), beginnings));
}

function forecastOf(plan: Plan, record: CookRecord): Forecast {
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
