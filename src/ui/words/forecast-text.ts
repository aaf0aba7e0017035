import type { Forecast } from '../../core/forecast/forecast';
import type { PullInterval } from '../../core/forecast/pull-interval';
import { halfMinutes, percentText, wholeMinutes } from './format';

/** The head of every forecast: the one moment to pull. */
export function pullText({ pull, inTime, record }: Pick<Forecast, 'pull' | 'inTime'> & PulledRecord): string {
  return inTime
    ? `Pull after about ${wholeMinutes(pull.time)} min`
    : `Not done in ${wholeMinutes((record.samples - 1) * record.interval)} min`;
}

type PulledRecord = { readonly record: Pick<Forecast['record'], 'samples' | 'interval'> };

/** How long it stays right around the pull, in one sentence. */
export function windowText({ window, peak, inTime }: Pick<Forecast, 'window' | 'peak' | 'inTime'>): string {
  if (!inTime) return `The stages end before most pieces are ready; at best ${percentText(peak.share)} are right.`;
  const from = halfMinutes(window.from);
  const to = halfMinutes(window.to);
  const when = from === to ? `at ${from} min` : `from ${from} to ${to} min`;
  return window.held
    ? `Right ${when}, at best ${percentText(peak.share)} of the pieces together.`
    : `Never all right together: at best ${percentText(peak.share)}, ${when}.`;
}

/** Range in which eight of ten such batches are pulled, min, or null while it is being worked out or has no end. */
export function intervalText(interval: PullInterval | null): string | null {
  if (!interval || interval.p10 === null) return null;
  return interval.p90 === null
    ? `(${wholeMinutes(interval.p10)} to beyond the stages)`
    : `(${wholeMinutes(interval.p10)}–${wholeMinutes(interval.p90)})`;
}

/** The forecast for a screen reader. */
export function spokenForecast(forecast: Forecast): string {
  const count = forecast.warnings.length;
  const warnings = count === 0 ? 'No warning' : count === 1 ? 'One warning' : `${count} warnings`;
  return `${pullText(forecast)}. ${windowText(forecast)} ${warnings}.`;
}
