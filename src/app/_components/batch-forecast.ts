import type { DoneInterval } from '@/core/forecast/ensemble';
import type { Forecast } from '@/core/forecast/forecast';
import type { BatchForecast } from '@/schemas/batch';

const minutes = (seconds: number | null | undefined) =>
  seconds === null || seconds === undefined ? null : Number((seconds / 60).toFixed(2));

/** The few numbers of a forecast that a batch keeps. */
export function batchForecast(forecast: Forecast, interval: DoneInterval | null): BatchForecast {
  return {
    done_min: minutes(forecast.doneTime),
    done_p10_min: minutes(interval?.p10),
    done_p90_min: minutes(interval?.p90),
    window: forecast.window && { from_min: minutes(forecast.window.from)!, to_min: minutes(forecast.window.to)! },
    first_check_min: minutes(forecast.firstCheck),
  };
}
