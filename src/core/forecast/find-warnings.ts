import type { CookRecord } from '../engine/cook-record';
import { freshLayers } from '../fryer/layers';
import { cookDuration, dialTemperature, type Plan } from '../plan/plan';
import type { Warning } from './warning';
import type { Peak, Window } from './window';

/** Samples at full power after the heat-up that make a batch power-limited, s. Source: assumed, 4 min. */
const LIMITED_FROM = 240;

/** Air below the dial that a cook would notice, K. Source: assumed. */
const NOTICEABLE = 10;

/** Layers beyond which shaking no longer reaches the middle. Source: assumed, three. */
const FULL_LAYERS = 3;

/** A window shorter than this is easily missed, s. Source: assumed, 90 s. */
const NARROW = 90;

/** Scatter of thickness above which the cut itself is the first suspect. Source: assumed; a careful hand has 7 %. */
const UNEVEN_CUT = 0.1;

/** Everything the cook should know about a forecast. */
export function findWarnings(
  plan: Plan,
  record: CookRecord,
  doneTime: number | null,
  window: Window | null,
  peak: Peak,
): Warning[] {
  const warnings: Warning[] = [];
  const end = doneTime ?? cookDuration(plan);
  const limited = measurePowerLimit(plan, record, end);
  if (limited) warnings.push(limited);
  const layers = freshLayers(plan);
  if (layers > FULL_LAYERS) warnings.push({ code: 'too-full', layers });
  const last = record.samples - 1;
  if (medianCrispness(record, last) < 1) warnings.push({ code: 'will-not-crisp' });
  if (doneTime === null) warnings.push({ code: 'not-done-in-time', medianBrowning: medianBrowning(record, last) });
  else if (window && window.to - window.from < NARROW) {
    warnings.push({ code: 'window-narrow', width: window.to - window.from });
  } else if (!window) {
    warnings.push({ code: plan.scatter >= UNEVEN_CUT ? 'cut-uneven' : 'never-together', peakShare: peak.share });
  }
  return warnings;
}

function measurePowerLimit(plan: Plan, record: CookRecord, end: number): Warning | null {
  let full = 0;
  let worst = 0;
  for (let s = 1; s < record.samples && s * record.interval <= end; s++) {
    if (record.power[s]! < 0.99) continue;
    const below = dialTemperature(plan.stages, s * record.interval) - record.airTemperature[s]!;
    if (below < NOTICEABLE) continue;
    full += record.interval;
    if (full >= LIMITED_FROM) worst = Math.max(worst, below);
  }
  return full >= LIMITED_FROM ? { code: 'power-limited', minutesAtFullPower: full / 60, airBelowDial: worst } : null;
}

function medianOf(values: Float32Array): number {
  return values.sort()[values.length >> 1]!;
}

function medianCrispness(record: CookRecord, sample: number): number {
  return medianOf(record.crispness.slice(sample * record.pieces, (sample + 1) * record.pieces));
}

function medianBrowning(record: CookRecord, sample: number): number {
  return medianOf(record.browning.slice(2 * sample * record.pieces, 2 * (sample + 1) * record.pieces));
}
