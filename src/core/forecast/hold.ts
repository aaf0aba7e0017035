import { meanGlassyDepth } from '../piece/assess-piece';
import { biteOf } from '../piece/crispness-target';
import type { CookRun } from '../batch/cook-run';
import { stepPieces } from '../piece/piece-step.kernel';
import { COARSE_RESOLUTION } from '../batch/resolution';
import { cookUntil } from '../batch/simulate-cook';
import { vapourPressureOf } from '../properties/kitchen-air';
import { AMBIENT_HUMIDITY_RATIO, AMBIENT_TEMPERATURE } from '../properties/kitchen-air';
import type { Plan } from '../plan/plan';
import { saturationPressure } from '../properties/water';
import { kelvinFromCelsius } from '../units/temperature';

/** Where pieces can wait. */
export const HOLD_PLACES = ['rack', 'heap', 'covered', 'warm-oven'] as const;

/** Where pieces wait. */
export type HoldPlace = (typeof HOLD_PLACES)[number];

/** Air of the warm oven, °C. */
export const WARM_OVEN_C = 120;

/** Air, coefficient W/(m² K) and vapour at each place. Source: free convection 8–10 open, less in a heap; a cover holds the steam; household oven at 120 °C, 13 W/(m² K) between still (5–8) and fan (15–20), and 12 of its walls, 4εσT³; assumed within these. */
const PLACES: Record<HoldPlace, { readonly air: number; readonly transfer: number; readonly vapour: number }> = {
  rack: { air: AMBIENT_TEMPERATURE, transfer: 9, vapour: vapourPressureOf(AMBIENT_HUMIDITY_RATIO) },
  heap: { air: AMBIENT_TEMPERATURE + 15, transfer: 4, vapour: 0.6 * saturationPressure(AMBIENT_TEMPERATURE + 15) },
  covered: { air: AMBIENT_TEMPERATURE + 35, transfer: 4, vapour: 0.97 * saturationPressure(AMBIENT_TEMPERATURE + 35) },
  'warm-oven': { air: kelvinFromCelsius(WARM_OVEN_C), transfer: 25, vapour: 3000 },
};

/** Air of a fryer that refreshes cooled pieces, and its coefficient. Source: assumed, hot and not full. */
const REFRESH = { air: 463.15, transfer: 40, vapour: 4000 };

/** Length of a step, s. */
const STEP = 10;

/** The bite while waiting. */
export interface HoldForecast {
  /** s between values */
  readonly interval: number;
  /** median bite over that at the drawer, from 1 on; see `biteOf` */
  readonly kept: readonly number[];
  /** s until half is lost, or null when that is beyond what was computed */
  readonly halfLife: number | null;
  /** the same ratio after a refresh at the end of the wait */
  readonly refreshed: number;
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
  const run = cookUntil(plan, seed, pulledAt, COARSE_RESOLUTION);
  const start = medianBite(run);
  const water = waterIn(run);
  const interval = 60;
  const kept = [1];
  surround(run, PLACES[place]);
  for (let time = STEP; time <= duration; time += STEP) {
    waitOn(run);
    if (time % interval === 0) kept.push(start > 0 ? medianBite(run) / start : 0);
  }
  const half = kept.findIndex((share) => share <= 0.5);
  const dried = 1 - waterIn(run) / water;
  surround(run, REFRESH);
  for (let time = STEP; time <= refreshDuration; time += STEP) waitOn(run);
  return {
    interval,
    kept,
    halfLife: half < 0 ? null : half * interval,
    refreshed: start > 0 ? medianBite(run) / start : 0,
    dried,
  };
}

function surround(run: CookRun, place: { air: number; transfer: number; vapour: number }): void {
  for (const { state } of run.groups) {
    state.airTemperature.fill(place.air);
    state.radiantTemperature.fill(place.air);
    state.convection.fill(place.transfer);
    state.radiation.fill(0);
    state.vapourPressure.fill(place.vapour);
  }
}

function waitOn(run: CookRun): void {
  for (const { state } of run.groups) stepPieces(state, STEP);
}

function medianBite(run: CookRun): number {
  const values = run.groups
    .filter((group) => group.joined)
    .flatMap(({ state, part }) =>
      Array.from({ length: state.count }, (_, p) =>
        biteOf(meanGlassyDepth(state, p, part), part.target.crispness, state.halfThickness[p]!),
      ),
    )
    .sort((a, b) => a - b);
  return values[values.length >> 1]!;
}

/** Water in the sample pieces, each weighed alike; only ratios of it mean anything. */
function waterIn(run: CookRun): number {
  let water = 0;
  for (const { state } of run.groups) {
    for (let i = 0; i < state.moisture.length; i++) water += state.moisture[i]! * state.volume[i]!;
  }
  return water;
}
