import type { Forecast } from '@/core/forecast/forecast';
import type { PullInterval } from '@/core/forecast/pull-interval';
import type { BatchForecast } from '@/schemas/batch';

const minutes = (seconds: number | null | undefined) =>
  seconds === null || seconds === undefined ? null : Number((seconds / 60).toFixed(2));

/** The few numbers of a forecast that a batch keeps; `done_min` is the moment to pull. */
export function batchForecast(
  { pull, inTime, window, firstCheck }: Pick<Forecast, 'pull' | 'inTime' | 'window' | 'firstCheck'>,
  interval: PullInterval | null,
): BatchForecast {
  return {
    done_min: inTime ? minutes(pull.time) : null,
    done_p10_min: minutes(interval?.p10),
    done_p90_min: minutes(interval?.p90),
    window: window.held ? { from_min: minutes(window.from)!, to_min: minutes(window.to)! } : null,
    first_check_min: minutes(firstCheck),
  };
}

/** The moment to pull that a batch keeps, s after loading; null where it was not to be done within its stages. */
export function storedPull({ done_min }: BatchForecast): number | null {
  return done_min === null ? null : done_min * 60;
}
