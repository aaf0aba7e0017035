import { simulateCook } from '@/core/batch/simulate-cook';
import { forecastInterval, pullTimeOf } from '@/core/forecast/interval';
import { type Forecast, forecastPlan } from '@/core/forecast/forecast';
import { pullTimeIn } from '@/core/forecast/pull-time-in';
import type { CookRecord } from '@/core/batch/cook-record';
import { medianBrowning, medianSoftness, sampleAt } from '@/core/batch/record-statistics';
import { NOISE, seen } from '@/core/coach/likelihood';
import { ANSWER_STEP, type Look } from '@/core/coach/observation';
import type { TargetCrispness, Wish } from '@/core/food/wish';
import { judgeFor } from '@/core/piece/judge-piece';
import { normalQuantile } from '@/core/numeric/normal-quantile';
import { createSeededRandom } from '@/core/numeric/seeded-random';
import { quantileOfSorted } from '@/core/numeric/quantile';
import type { Fryer } from '@/core/plan/fryer';
import { cookDuration, type CookEvent, type Plan } from '@/core/plan/plan';
import type { BatchForecast, Outcome } from '@/schemas/batch';

/** What the fryers of the demo are really like, unknown to the app: the small one runs cool, and blows to the back left. */
export const HIDDEN_TRUTH = {
  large: { offset: 2, transfer: 1.03, places: undefined },
  small: { offset: -18, transfer: 0.92, places: [1.12, 1.09, 1.01, 1.08, 1.03, 0.97, 0.98, 0.93, 0.79] },
} as const;

/** A fryer of the demo as it really is. */
export function trueFryer(labelled: Fryer, fryer: keyof typeof HIDDEN_TRUTH): Fryer {
  const { offset, transfer, places } = HIDDEN_TRUTH[fryer];
  return {
    ...labelled,
    thermostatOffset: offset,
    heatTransferCoefficient: labelled.heatTransferCoefficient * transfer,
    ...(places ? { places } : {}),
  };
}

/** What this kitchen calls golden, over what most do: they like it a little darker. */
const TASTE = 1.2;

/** Browning apart from which a cook sees a difference beside a picture, ln. Source: half a step between two answers. */
const SEEN_APART = ANSWER_STEP / 2;

/** Spread of the day: ln of browning, s of the cook's timing. Source: assumed. */
const DAY_BROWNING = 0.15;
const HAND_DELAY = 25;

/** What happened to a demo batch, s after loading, and what came of it. */
export interface LivedBatch {
  readonly forecast: BatchForecast;
  readonly openings: readonly CookEvent[];
  /** what was seen at them beside the picture shown, s after loading */
  readonly looks: readonly { readonly time: number; readonly look: Look; readonly shown: number }[];
  readonly pulledAfter: number;
  readonly outcome: Outcome;
}

/**
 * Cooks a plan in the fryer as it really is, with the day's noise, and pulls when it looks done to this kitchen.
 * @param known the same plan as the kitchen knew it by then: what the forecast was made from
 */
export function liveThrough(
  plan: Plan,
  known: Plan,
  fryer: keyof typeof HIDDEN_TRUTH,
  seed: number,
  note: string,
): LivedBatch {
  const random = createSeededRandom(seed * 101 + 5);
  const noise = () => normalQuantile(0.02 + 0.96 * random());
  const forecast = forecastPlan(known);
  const openings = plan.events.map((event) => ({ ...event, time: event.time + Math.abs(noise()) * HAND_DELAY }));
  const real: Plan = {
    ...plan,
    target: { ...plan.target, shade: TASTE },
    events: openings,
    browningScale: Math.exp(DAY_BROWNING * noise()),
    fryer: trueFryer(plan.fryer, fryer),
  };
  const record = simulateCook(real, seed);
  const ready = pullTimeOf(record, real) ?? cookDuration(plan) - 60;
  const pulledAfter = Math.min(cookDuration(plan) - record.interval, ready + noise() * HAND_DELAY);
  const sample = Math.round(pulledAfter / record.interval);
  const before = openings.filter((opening) => opening.time < pulledAfter);
  return {
    forecast: storedForecast(forecast, known),
    openings: before,
    looks: before.map(({ time }) => lookAt(record, forecast.record, time, noise())),
    pulledAfter,
    outcome: outcomeAt(record, sample, sampleAt(record, ready), plan.target, note),
  };
}

/** What a cook says of the pieces beside the picture that the forecast has of them. */
function lookAt(real: CookRecord, forecast: CookRecord, time: number, noise: number) {
  const shown = medianBrowning(forecast, sampleAt(forecast, time));
  const gap = seen(medianBrowning(real, sampleAt(real, time))) - seen(shown) + NOISE.look * noise;
  const look: Look = gap > SEEN_APART ? 'darker' : gap < -SEEN_APART ? 'paler' : 'as-shown';
  return { time, look, shown };
}

function storedForecast(forecast: Forecast, plan: Plan): BatchForecast {
  const interval = forecastInterval(plan, 1);
  const minutes = (seconds: number | null) => (seconds === null ? null : Number((seconds / 60).toFixed(2)));
  return {
    done_min: minutes(pullTimeIn(forecast)),
    done_p10_min: minutes(interval.p10),
    done_p90_min: minutes(interval.p90),
    window: forecast.window.held
      ? { from_min: minutes(forecast.window.from)!, to_min: minutes(forecast.window.to)! }
      : null,
    first_check_min: minutes(forecast.firstCheck),
  };
}

/** @param ready the sample at which this kitchen would find it right */
function outcomeAt(record: CookRecord, sample: number, ready: number, wish: Wish, note: string): Outcome {
  const { pieces } = record;
  const colours = Array.from({ length: pieces }, (_, p) => {
    const at = 2 * (sample * pieces + p);
    return (record.browning[at]! + record.browning[at + 1]!) / 2;
  }).sort((a, b) => a - b);
  const bites = record.crispness.slice(sample * pieces, (sample + 1) * pieces).sort();
  const bite = quantileOfSorted(bites, 0.5);
  const softest = quantileOfSorted(bites, 0.1);
  const browning = quantileOfSorted(colours, 0.5);
  const darkest = quantileOfSorted(colours, 0.95);
  const spread = quantileOfSorted(colours, 0.9) / Math.max(0.05, quantileOfSorted(colours, 0.1));
  const off = seen(medianBrowning(record, sample)) - seen(medianBrowning(record, ready));
  const liked = off > SEEN_APART ? 'too-dark' : off < -SEEN_APART ? 'too-pale' : 'as-wished';
  const evenness = spread < 1.6 ? 'even' : spread < 2.6 ? 'some-differ' : 'uneven';
  const crispness = biteOf(bite, wish.crispness);
  return {
    crispness,
    browning: Number(browning.toFixed(2)),
    evenness,
    liked,
    heart: medianSoftness(record, sample) < judgeFor(wish).softness ? 'hard' : 'soft',
    next: crispness === 'soft' ? 'not-again' : evenness !== 'uneven' && liked === 'as-wished' ? 'again' : 'changed',
    faults: [...(darkest > 2.2 ? (['burnt-edges'] as const) : []), ...(softest < 0.4 ? (['wet-heart'] as const) : [])],
    note,
  };
}

function biteOf(bite: number, wish: TargetCrispness): Outcome['crispness'] {
  if (wish === 'tender' || wish === 'soft' || wish === 'chewy')
    return bite < 0.5 ? 'soft' : bite < 2.2 ? 'tender' : 'crisp';
  return bite < 0.5 ? 'soft' : bite < 1 ? 'tender' : bite < 3 ? 'crisp' : 'very-crisp';
}
