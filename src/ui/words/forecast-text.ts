import type { DoneInterval } from '../../core/forecast/ensemble';
import type { Forecast } from '../../core/forecast/forecast';
import { clockText, percentText } from './format';

/** When the batch is right, in one sentence. */
export function windowText({ window, peak, doneTime }: Forecast): string {
  if (window)
    return `Right from ${clockText(window.from)} to ${clockText(window.to)}, at best ${percentText(peak.share)}.`;
  if (doneTime === null) return 'Not done within the stages.';
  return `Never all right together; at best ${percentText(peak.share)} at ${clockText(peak.time)}.`;
}

/** Range in which eight of ten such batches are done, or null while it is being worked out or has no end. */
export function intervalText(interval: DoneInterval | null): string | null {
  if (!interval || interval.p10 === null) return null;
  const whole = (seconds: number) => String(Math.round(seconds / 60));
  return interval.p90 === null
    ? `80 % range ${whole(interval.p10)} min to beyond the stages`
    : `80 % range ${whole(interval.p10)}–${whole(interval.p90)} min`;
}

/** The forecast for a screen reader. */
export function spokenForecast(forecast: Forecast): string {
  const done = forecast.doneTime === null ? 'Not done within the stages' : `Done at ${clockText(forecast.doneTime)}`;
  return `${done}. ${windowText(forecast)} ${forecast.warnings.length} warnings.`;
}
