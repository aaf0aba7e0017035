import { browningQuantile } from '../core/batch/record-statistics';
import type { PullInterval } from '../core/forecast/pull-interval';
import type { Forecast } from '../core/forecast/forecast';
import type { Warning } from '../core/forecast/warning';
import { celsiusFromKelvin } from '../core/units/temperature';

const round = (value: number, digits: number) => Number(value.toFixed(digits));
const minutes = (seconds: number | null) => (seconds === null ? null : round(seconds / 60, 2));

/**
 * The forecast as the headless command prints it, format `drubek.forecast` version 1. The middle quantile is the forecast's own
 * moment, so that one question has one answer.
 * @param wordsOf a sentence for each warning
 */
export function forecastFile(forecast: Forecast, interval: PullInterval, wordsOf: (warning: Warning) => string) {
  const { window, peak, pull, inTime } = forecast;
  const quantiles = {
    p10: minutes(interval.p10),
    p50: inTime ? minutes(pull.time) : minutes(interval.p50),
    p90: minutes(interval.p90),
  };
  const { prepared } = forecast.record;
  return {
    format: 'drubek.forecast',
    version: 1,
    pull_min: quantiles,
    done_min: quantiles,
    window: {
      from_min: minutes(window.from),
      to_min: minutes(window.to),
      peak_min: minutes(peak.time),
      peak_share: round(peak.share, 3),
      held: window.held,
    },
    first_check_min: minutes(forecast.firstCheck),
    oil_g: round(forecast.oil.used * 1000, 1),
    oil: {
      held_g: round(forecast.oil.held * 1000, 1),
      dripping_g: round(forecast.oil.dripping * 1000, 1),
      deep_fried_g: round(forecast.oil.deepFried * 1000, 1),
    },
    prepared: {
      core_soft: round(prepared.coreSoftness, 3),
      gelatinised_skin: round(prepared.gelatinisedSkin, 3),
      breakage: round(prepared.breakage, 3),
      sugar_left: round(prepared.sugarLeft, 3),
    },
    energy_kwh: round(forecast.record.energy / 3.6e6, 3),
    acrylamide: forecast.acrylamide,
    minutes: minuteRows(forecast),
    warnings: forecast.warnings.map((warning) => ({ code: warning.code, detail: wordsOf(warning) })),
  };
}

function minuteRows({ record, track }: Forecast) {
  const perMinute = Math.round(60 / record.interval);
  const rows = [];
  for (let s = perMinute; s < record.samples; s += perMinute) {
    const softness = record.softness.slice(s * record.pieces, (s + 1) * record.pieces);
    const share = (verdict: number) => round(track.shares[4 * s + verdict]!, 4);
    rows.push({
      minute: s / perMinute,
      air_c: round(celsiusFromKelvin(record.airTemperature[s]!), 1),
      share: { under: share(0), right: share(1), dark: share(2), burnt: share(3) },
      browning: {
        p10: round(browningQuantile(record, s, 0.1), 3),
        p50: round(browningQuantile(record, s, 0.5), 3),
        p90: round(browningQuantile(record, s, 0.9), 3),
      },
      crust_mm: round(record.crustDepth[s]! * 1e3, 3),
      moisture_db: round(record.moisture[s]!, 3),
      water_lost: round(record.waterLost[s]!, 4),
      weight_g: round(record.weight[s]! * 1000, 1),
      centre_c: round(celsiusFromKelvin(record.centreTemperature[s]!), 1),
      soft: round(softness.reduce((sum, value) => sum + value, 0) / softness.length, 3),
    });
  }
  return rows;
}
