import { MEMBER_RESOLUTION } from '../batch/resolution';
import type { Plan } from '../plan/plan';
import { type Forecast, forecastPlan } from './forecast';
import { pullTimesAt, SIGMA_POINTS } from './interval';
import { intervalAround, type PullInterval } from './pull-interval';

/** What a page shows of a plan before it is alive: moment, window and interval as they will stay, the picture coarse. */
export interface FirstSight {
  readonly forecast: Forecast;
  readonly interval: PullInterval;
}

/** Moment and interval as the page will find them by the same seed. Cost: a standard cook and seven coarse ones. */
export function firstSightOf(plan: Plan, seed: number): FirstSight {
  const shown = forecastPlan(plan, seed);
  const coarse = forecastPlan(plan, seed, MEMBER_RESOLUTION);
  const times = SIGMA_POINTS.flatMap((unknowns) => pullTimesAt(plan, unknowns, seed));
  return {
    forecast: { ...shown, record: coarse.record, track: coarse.track },
    interval: intervalAround(times, coarse, shown),
  };
}
