import { crispnessOf } from '../engine/assess-piece';
import type { CookRun } from '../engine/cook-run';
import { stepPieces } from '../engine/piece-step.kernel';
import { COARSE_RESOLUTION } from '../engine/resolution';
import { cookUntil } from '../engine/simulate-cook';
import { vapourPressureOf } from '../fryer/cavity';
import { AMBIENT_HUMIDITY_RATIO, AMBIENT_TEMPERATURE } from '../fryer/fryer';
import type { Plan } from '../plan/plan';
import { saturationPressure } from '../properties/water';

/** Where pieces can wait. */
export const HOLD_PLACES = ['rack', 'heap', 'covered', 'warm-oven'] as const;

/** Where pieces wait. */
export type HoldPlace = (typeof HOLD_PLACES)[number];

/** Air, coefficient W/(m² K) and vapour at each place. Source: free convection 8–10 open, less in a heap; a cover holds the steam; fan oven 120 °C, 25 W/(m² K) of fan and 10 of its walls, 4εσT³; assumed. */
const PLACES: Record<HoldPlace, { readonly air: number; readonly transfer: number; readonly vapour: number }> = {
  rack: { air: AMBIENT_TEMPERATURE, transfer: 9, vapour: vapourPressureOf(AMBIENT_HUMIDITY_RATIO) },
  heap: { air: AMBIENT_TEMPERATURE + 15, transfer: 4, vapour: 0.6 * saturationPressure(AMBIENT_TEMPERATURE + 15) },
  covered: { air: AMBIENT_TEMPERATURE + 35, transfer: 4, vapour: 0.97 * saturationPressure(AMBIENT_TEMPERATURE + 35) },
  'warm-oven': { air: 393.15, transfer: 35, vapour: 3000 },
};

/** Air of a fryer that refreshes cooled pieces, and its coefficient. Source: assumed, hot and not full. */
const REFRESH = { air: 463.15, transfer: 40, vapour: 4000 };

/** Length of a step, s. */
const STEP = 10;

/** Crispness while waiting. */
export interface HoldForecast {
  /** s between values */
  readonly interval: number;
  /** median crispness over that at the drawer, from 1 on */
  readonly kept: readonly number[];
  /** s until half is lost, or null when that is beyond what was computed */
  readonly halfLife: number | null;
  /** the same ratio after a refresh at the end of the wait */
  readonly refreshed: number;
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
  const start = medianCrispness(run);
  const interval = 60;
  const kept = [1];
  surround(run, PLACES[place]);
  for (let time = STEP; time <= duration; time += STEP) {
    waitOn(run);
    if (time % interval === 0) kept.push(start > 0 ? medianCrispness(run) / start : 0);
  }
  const half = kept.findIndex((share) => share <= 0.5);
  surround(run, REFRESH);
  for (let time = STEP; time <= refreshDuration; time += STEP) waitOn(run);
  return {
    interval,
    kept,
    halfLife: half < 0 ? null : half * interval,
    refreshed: start > 0 ? medianCrispness(run) / start : 0,
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

function medianCrispness(run: CookRun): number {
  const values = run.groups
    .filter((group) => group.joined)
    .flatMap(({ state, part }) => Array.from({ length: state.count }, (_, p) => crispnessOf(state, p, part)))
    .sort((a, b) => a - b);
  return values[values.length >> 1]!;
}
