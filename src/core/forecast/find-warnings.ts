import { cutThickness } from '../cut/piece-geometry';
import type { CookRecord } from '../batch/cook-record';
import { medianBrowning, medianCrispness, medianSoftness, sampleAt } from '../batch/record-statistics';
import { medianOf } from '../numeric/quantile';
import { freshLayers } from '../fryer/layers';
import { type CookAction, dialTemperature, type Plan } from '../plan/plan';
import { cutAsLoaded } from '../plan/cut-as-loaded';
import { CHIP_THICKNESS } from '../plan/usual-wish';
import { COOKED_THROUGH, RIGHT_BROWNING } from '../piece/judge-piece';
import { acrylamideBand } from './acrylamide';
import { dripsAndSmokes } from './smoking-drip';
import { findHandlingWarnings } from './find-handling-warnings';
import type { Warning } from './warning';
import type { BestMoment } from './best-moment';

/** Samples at full power after the heat-up that make a batch power-limited, s. Source: assumed, 4 min. */
const LIMITED_FROM = 240;

/** Share of the heater's power that counts as all of it. Source: numerics. */
const FULL_POWER = 0.99;

/** A cold fryer may take this long to warm up before its power counts as the limit, s. Source: 1300 J/K at 1500 W, 3–4 min. */
const HEAT_UP = 300;

/** Air below the dial that a cook would notice, K. Source: assumed. */
const NOTICEABLE = 10;

/** Layers beyond which shaking no longer reaches the middle. Source: assumed, three. */
const FULL_LAYERS = 3;

/** A window shorter than this is easily missed, s. Source: assumed, 90 s. */
const NARROW = 90;

/** Mean moisture at which nothing soft is left inside, kg/kg. Source: assumed. */
const DRY_THROUGH = 0.15;

/** Share of broken pieces worth a word. Source: assumed, one in ten. */
const BREAKING = 0.1;

/** Scatter of thickness above which the cut itself is the first suspect. Source: assumed; a careful hand has 7 %. */
const UNEVEN_CUT = 0.1;

/** What turns pieces over. */
const TURNING: ReadonlySet<CookAction> = new Set(['shake', 'toss', 'flip']);

/** Mended solves, a sample and piece, from which a forecast is rough. Source: chosen; thin leaves need a few. */
const MENDED_SHARE = 0.5;

/** Everything the cook should know about a forecast. */
export function findWarnings(plan: Plan, record: CookRecord, moment: BestMoment): Warning[] {
  const warnings: Warning[] = [];
  const { pull, peak, window, inTime } = moment;
  const limited = measurePowerLimit(plan, record, pull.time);
  if (limited) warnings.push(limited);
  const layers = freshLayers(plan);
  if (layers > FULL_LAYERS) warnings.push({ code: 'too-full', layers });
  const last = record.samples - 1;
  if (medianCrispness(record, last) < 1) warnings.push({ code: 'will-not-crisp' });
  if (!inTime) warnings.push({ code: 'not-done-in-time', medianBrowning: medianBrowning(record, last) });
  else if (!window.held) {
    warnings.push({ code: plan.scatter >= UNEVEN_CUT ? 'cut-uneven' : 'never-together', peakShare: peak.share });
  } else if (window.to - window.from < NARROW) {
    warnings.push({ code: 'window-narrow', width: window.to - window.from });
  }
  const isTurned = plan.events.some(({ action, time }) => TURNING.has(action) && time < pull.time);
  if (inTime && !isTurned && plan.target.faces !== 'one' && (!window.held || facesDiffer(record, pull.time))) {
    warnings.push({ code: 'never-turned' });
  }
  const mended = record.unsettled + record.repairs;
  if (mended > MENDED_SHARE * record.pieces * record.samples) warnings.push({ code: 'numerics', times: mended });
  warnings.push(...findHandlingWarnings(plan, record.prepared, pull.time), ...findFoodWarnings(plan, record, moment));
  return warnings;
}

/** Browning of the paler face over that of the darker, of the typical piece, below which the under side is seen to be pale. Source: assumed, a third. */
const SEEN_PALE = 1 / 3;

/** Whether one side of the typical piece comes out much paler than the other. */
function facesDiffer(record: CookRecord, time: number): boolean {
  const sample = sampleAt(record, time);
  const ratios = Array.from({ length: record.pieces }, (_, p) => {
    const at = 2 * (sample * record.pieces + p);
    const [a, b] = [record.browning[at]!, record.browning[at + 1]!];
    return Math.max(a, b) > 0 ? Math.min(a, b) / Math.max(a, b) : 1;
  });
  return medianOf(ratios) < SEEN_PALE;
}

/** What the food itself makes one watch for. */
function findFoodWarnings(plan: Plan, record: CookRecord, { pull }: BestMoment): Warning[] {
  const warnings: Warning[] = [];
  const { from, to } = RIGHT_BROWNING[plan.target.colour];
  const dry = firstSample(record, (s) => record.moisture[s]! < DRY_THROUGH);
  const coloured = firstSample(record, (s) => medianBrowning(record, s) >= from);
  const tooDark = firstSample(record, (s) => medianBrowning(record, s) > to);
  const isChip =
    plan.target.crispness === 'chewy' ||
    (plan.target.crispness !== 'tender' && cutThickness(cutAsLoaded(plan)) <= CHIP_THICKNESS);
  if (dry !== null && !isChip && (coloured === null || dry < coloured)) {
    warnings.push({ code: 'dries-before-browning', moisture: record.moisture[dry]! });
  }
  if (tooDark !== null) {
    const softness = medianSoftness(record, tooDark);
    if (softness < COOKED_THROUGH) warnings.push({ code: 'browns-before-cooked', softness });
  }
  if (record.prepared.breakage > BREAKING) warnings.push({ code: 'breaks', share: record.prepared.breakage });
  const hottest = Math.max(...plan.stages.map((stage) => stage.temperature));
  if (dripsAndSmokes(record.prepared, hottest)) {
    warnings.push({ code: 'smoke', drippingG: record.prepared.oilDripping * 1000 });
  }
  if (acrylamideBand(record.prepared, medianBrowning(record, sampleAt(record, pull.time))) === 'high') {
    warnings.push({ code: 'acrylamide-high' });
  }
  return warnings;
}

function firstSample(record: CookRecord, holds: (sample: number) => boolean): number | null {
  for (let s = 0; s < record.samples; s++) if (holds(s)) return s;
  return null;
}

function measurePowerLimit(plan: Plan, record: CookRecord, end: number): Warning | null {
  let full = 0;
  let worst = 0;
  let warm = false;
  for (let s = 1; s < record.samples && s * record.interval <= end; s++) {
    const below = dialTemperature(plan.stages, s * record.interval) - record.airTemperature[s]!;
    warm ||= below < NOTICEABLE || s * record.interval > HEAT_UP;
    if (!warm || below < NOTICEABLE || record.power[s]! < FULL_POWER) continue;
    full += record.interval;
    if (full >= LIMITED_FROM) worst = Math.max(worst, below);
  }
  return full >= LIMITED_FROM ? { code: 'power-limited', minutesAtFullPower: full / 60, airBelowDial: worst } : null;
}
