import { biteOf } from '../piece/bite';
import type { CookRun } from '../batch/cook-run';
import { stepPieces } from '../piece/piece-step.kernel';
import { STANDARD_RESOLUTION } from '../batch/resolution';
import { cookUntil } from '../batch/simulate-cook';
import { vapourPressureOf } from '../properties/kitchen-air';
import { AMBIENT_HUMIDITY_RATIO, AMBIENT_TEMPERATURE } from '../properties/kitchen-air';
import { medianOf } from '../numeric/quantile';
import type { Plan } from '../plan/plan';
import { saturationPressure } from '../properties/water';
import { kelvinFromCelsius } from '../units/temperature';

/** Where pieces can wait. */
export const HOLD_PLACES = ['rack', 'heap', 'covered', 'warm-oven'] as const;

/** Where pieces wait. */
export type HoldPlace = (typeof HOLD_PLACES)[number];

/** What lies around waiting pieces. */
interface Surroundings {
  readonly air: number;
  readonly transfer: number;
  readonly radiation: number;
  readonly vapour: number;
}

/** Air of the warm oven, °C. Source: chosen; the usual warm oven. */
export const WARM_OVEN_C = 120;

/**
 * Air, K, and its coefficient and that of radiation, W/(m² K), and vapour, Pa, at each place. Water leaves by the air's coefficient
 * alone. Source: free convection of small pieces 3–6, radiation at room temperature 4εσT³ = 5–6, both less where pieces lie on
 * one another or under a cover, which holds the steam; household oven at 120 °C, 13 between still (5–8) and fan (15–20), and 12
 * of its walls; assumed within these.
 */
const PLACES: Record<HoldPlace, Surroundings> = {
  rack: {
    air: AMBIENT_TEMPERATURE,
    transfer: 3,
    radiation: 5,
    vapour: vapourPressureOf(AMBIENT_HUMIDITY_RATIO),
  },
  heap: {
    air: AMBIENT_TEMPERATURE + 15,
    transfer: 2,
    radiation: 2,
    vapour: 0.6 * saturationPressure(AMBIENT_TEMPERATURE + 15),
  },
  covered: {
    air: AMBIENT_TEMPERATURE + 22,
    transfer: 2,
    radiation: 2,
    vapour: 0.97 * saturationPressure(AMBIENT_TEMPERATURE + 22),
  },
  'warm-oven': { air: kelvinFromCelsius(WARM_OVEN_C), transfer: 13, radiation: 12, vapour: 3000 },
};

/** A fryer that refreshes cooled pieces. Source: assumed, hot and not full. */
const REFRESH: Surroundings = { air: 463.15, transfer: 40, radiation: 9, vapour: 4000 };

/** Share of the bite at which half is lost. Source: product definition. */
const HALF = 0.5;

/** Length of a step, s. Source: numerics. */
const STEP = 10;
const WAITING_STEP = Float64Array.of(STEP);

/** The bite while waiting. */
export interface HoldForecast {
  /** s between values */
  readonly interval: number;
  /** median bite over that at the drawer, from 1 on; see `biteOf` */
  readonly kept: readonly number[];
  /** K of the hearts, median, at the same moments */
  readonly hearts: readonly number[];
  /** s until half is lost, or null when that is beyond what was computed */
  readonly halfLife: number | null;
  /** the same ratio, and K of the hearts, after a refresh at the end of the wait */
  readonly refreshed: number;
  readonly heartRefreshed: number;
  /** share of the water at the drawer that is gone at the end of the wait, before the refresh */
  readonly dried: number;
}

/**
 * Waits with a batch pulled `pulledAt` s after loading and refreshes it at the end: the same engine in other air, water
 * creeping from the moist heart into the crust.
 */
export function forecastHold(
  plan: Plan,
  seed: number,
  pulledAt: number,
  place: HoldPlace,
  duration: number,
  refreshDuration: number,
): HoldForecast {
  const run = cookUntil(plan, seed, pulledAt, STANDARD_RESOLUTION);
  const start = medianBite(run);
  const water = waterIn(run);
  const interval = 60;
  const kept = [1];
  const hearts = [medianHeart(run)];
  surround(run, PLACES[place], true);
  for (let time = STEP; time <= duration; time += STEP) {
    waitOn(run);
    if (time % interval > 0) continue;
    kept.push(start > 0 ? medianBite(run) / start : 0);
    hearts.push(medianHeart(run));
  }
  const half = kept.findIndex((share) => share <= HALF);
  const dried = 1 - waterIn(run) / water;
  surround(run, REFRESH, false);
  for (let time = STEP; time <= refreshDuration; time += STEP) waitOn(run);
  return {
    interval,
    kept,
    hearts,
    halfLife: half < 1 ? null : (half - 1 + (kept[half - 1]! - HALF) / (kept[half - 1]! - kept[half]!)) * interval,
    refreshed: start > 0 ? medianBite(run) / start : 0,
    heartRefreshed: medianHeart(run),
    dried,
  };
}

function surround(run: CookRun, place: Surroundings, still: boolean): void {
  for (const { state } of run.groups) {
    state.stillPores = still;
    state.airTemperature.fill(place.air);
    state.radiantTemperature.fill(place.air);
    state.convection.fill(place.transfer);
    state.radiation.fill(place.radiation);
    state.vapourPressure.fill(place.vapour);
  }
}

function waitOn(run: CookRun): void {
  for (const { state } of run.groups) stepPieces(state, WAITING_STEP);
}

function medianBite(run: CookRun): number {
  const bites = run.groups
    .filter((group) => group.joined)
    .flatMap(({ state, part }) =>
      Array.from({ length: state.count }, (_, p) => biteOf(state, p, part.target.crispness)),
    );
  return medianOf(bites);
}

function medianHeart(run: CookRun): number {
  const hearts = run.groups
    .filter((group) => group.joined)
    .flatMap(({ state }) =>
      Array.from({ length: state.count }, (_, p) => state.temperature[p * state.cells + (state.cells - 1) / 2]!),
    );
  return medianOf(hearts);
}

/** Water in the sample pieces, each weighed alike; only ratios of it mean anything. */
function waterIn(run: CookRun): number {
  let water = 0;
  for (const { state } of run.groups) {
    for (let i = 0; i < state.moisture.length; i++) water += state.moisture[i]! * state.solids[i]!;
  }
  return water;
}
