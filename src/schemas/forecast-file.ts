import type { DoneInterval } from '../core/forecast/ensemble';
import type { Forecast } from '../core/forecast/forecast';
import type { Warning } from '../core/forecast/warning';
import { quantileOfSorted } from '../core/numeric/quantile';
import { celsiusFromKelvin } from '../core/units/temperature';

const round = (value: number, digits: number) => Number(value.toFixed(digits));
const minutes = (seconds: number | null) => (seconds === null ? null : round(seconds / 60, 2));

/** The forecast as the headless command prints it, format `drubek.forecast` version 1. */
export function forecastFile(forecast: Forecast, interval: DoneInterval) {
  const { window, peak } = forecast;
  const { prepared } = forecast.record;
  return {
    format: 'drubek.forecast',
    version: 1,
    done_min: { p10: minutes(interval.p10), p50: minutes(interval.p50), p90: minutes(interval.p90) },
    window: window && {
      from_min: minutes(window.from),
      to_min: minutes(window.to),
      peak_min: minutes(peak.time),
      peak_share: round(peak.share, 3),
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
    warnings: forecast.warnings.map((warning) => ({ code: warning.code, detail: warningDetail(warning) })),
  };
}

function minuteRows({ record, track }: Forecast) {
  const perMinute = Math.round(60 / record.interval);
  const rows = [];
  for (let s = perMinute; s < record.samples; s += perMinute) {
    const faces = record.browning.slice(2 * s * record.pieces, 2 * (s + 1) * record.pieces).sort();
    const softness = record.softness.slice(s * record.pieces, (s + 1) * record.pieces);
    const share = (verdict: number) => round(track.shares[4 * s + verdict]!, 4);
    rows.push({
      minute: s / perMinute,
      air_c: round(celsiusFromKelvin(record.airTemperature[s]!), 1),
      share: { under: share(0), right: share(1), dark: share(2), burnt: share(3) },
      browning: {
        p10: round(quantileOfSorted(faces, 0.1), 3),
        p50: round(quantileOfSorted(faces, 0.5), 3),
        p90: round(quantileOfSorted(faces, 0.9), 3),
      },
      crust_mm: round(record.crustDepth[s]! * 1e3, 3),
      moisture_db: round(record.moisture[s]!, 3),
      water_lost: round(record.waterLost[s]!, 4),
      centre_c: round(celsiusFromKelvin(record.centreTemperature[s]!), 1),
      soft: round(softness.reduce((sum, value) => sum + value, 0) / softness.length, 3),
    });
  }
  return rows;
}

/** A warning as one plain sentence in metric units. */
export function warningDetail(warning: Warning): string {
  switch (warning.code) {
    case 'power-limited':
      return `The heater runs flat out for ${Math.round(warning.minutesAtFullPower)} min and the air stays up to ${Math.round(warning.airBelowDial)} °C below the dial; a smaller load browns sooner.`;
    case 'too-full':
      return `The pieces lie ${warning.layers.toFixed(1)} layers deep; the middle steams.`;
    case 'will-not-crisp':
      return 'Half of the pieces or more are still moist at the end of the stages; cook longer, thinner or fewer.';
    case 'not-done-in-time':
      return `The stages end too soon: browning is at ${warning.medianBrowning.toFixed(2)}, golden is 1.`;
    case 'window-narrow':
      return `All is right for only ${Math.round(warning.width)} s; a lower temperature gives more time.`;
    case 'cut-uneven':
      return `At best ${Math.round(warning.peakShare * 100)} % are right together, as thin pieces are done before thick ones; pull in stages or cut more evenly.`;
    case 'never-together':
      return `At best ${Math.round(warning.peakShare * 100)} % are right together; shake more often or load less.`;
    case 'dries-before-browning':
      return 'The pieces dry through before they brown. Cut thicker, load less, or set the dial higher.';
    case 'browns-before-cooked':
      return 'The colour is past what you want before the inside is cooked. Set the dial lower, cut thinner, or par-cook.';
    case 'breaks':
      return `About ${Math.round(warning.share * 100)} % of the pieces may break before they are loaded: they are soft and handled much. Par-cook shorter, or let them steam dry instead of rubbing.`;
    case 'smoke':
      return `About ${Math.round(warning.drippingG)} g of oil will drip onto a hot floor and may smoke. Use less oil.`;
    case 'acrylamide-high':
      return 'Acrylamide is likely to be high at this colour. Pull at golden, soak longer, and keep potatoes out of the fridge.';
  }
}
