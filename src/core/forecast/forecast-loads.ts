import type { CookRecord } from '../batch/cook-record';
import type { Beginnings } from '../batch/beginnings';
import { type Resolution, STANDARD_RESOLUTION } from '../batch/resolution';
import { energyUntil } from '../batch/record-statistics';
import { simulateCook } from '../batch/simulate-cook';
import { createCavity, stepCavity } from '../fryer/cavity';
import { CHANGE_OVER } from './change-over';
import { shareOfPlan } from '../plan/divide-plan';
import type { LoadShare } from '../plan/load-share';
import type { Plan } from '../plan/plan';
import { dialTemperature } from '../plan/plan';
import { type Forecast, forecastToPull } from './forecast';

/** One load among others. */
export interface LoadForecast extends LoadShare {
  readonly plan: Plan;
  readonly forecast: Forecast;
  /** s from the first loading of all to this one's loading and its pull */
  readonly from: number;
  readonly to: number;
}

/** Loads of one plan that follow one another, in one drawer or in several side by side. */
export interface LoadsForecast {
  /** one for each load, in order */
  readonly loads: readonly LoadForecast[];
  /** s from the first loading to the last pull */
  readonly time: number;
  /** share of all pieces right when their load is pulled */
  readonly evenness: number;
  /** J of all loads, each until it is pulled */
  readonly energy: number;
  readonly inTime: boolean;
}

/**
 * Cooks a plan in loads. The first of a drawer begins as planned; each other one finds it as the one before left it when it was
 * pulled, less what the open drawer loses meanwhile.
 * @param order loads in order; their shares make one
 * @param beginnings of first loads that share theirs, see `simulateCook`
 * Cost: a forecast for each load that is not like one before; from the third on equal loads are as the second.
 */
export function forecastLoads(
  plan: Plan,
  order: readonly LoadShare[],
  seed: number,
  resolution: Resolution = STANDARD_RESOLUTION,
  beginnings?: Beginnings,
): LoadsForecast {
  const known = new Map<string, { plan: Plan; forecast: Forecast }>();
  const last = new Map<number, LoadForecast>();
  const loads = order.map(({ share, drawer }) => {
    const before = last.get(drawer);
    const fryer = plan.drawers?.[drawer] ?? plan.fryer;
    const key = `${share} after ${before?.share ?? 'none'} in ${plan.drawers ? drawer : 'any'}`;
    const own =
      known.get(key) ?? forecastOf({ ...shareOfPlan(plan, share), fryer }, before, seed, resolution, beginnings);
    known.set(key, own);
    const from = before ? before.to + CHANGE_OVER : 0;
    const load = { share, drawer, ...own, from, to: from + own.forecast.pull.time };
    last.set(drawer, load);
    return load;
  });
  return {
    loads,
    time: Math.max(...loads.map(({ to }) => to)),
    evenness: loads.reduce((sum, { share, forecast }) => sum + share * forecast.pull.share, 0),
    energy: loads.reduce(
      (sum, { plan: own, forecast: { record, pull } }) => sum + energyUntil(record, pull.time, own.fryer.maximumPower),
      0,
    ),
    inTime: loads.every(({ forecast }) => forecast.inTime),
  };
}

function forecastOf(
  share: Plan,
  before: LoadForecast | undefined,
  seed: number,
  resolution: Resolution,
  beginnings: Beginnings | undefined,
) {
  const plan = before
    ? {
        ...share,
        preheat: null,
        fryerTemperature: leftOpen(before.plan, before.forecast.record, before.forecast.pull.time),
      }
    : share;
  /* the others find the fryer as each leaves it */
  return { plan, forecast: forecastToPull(plan, seed, resolution, before ? undefined : beginnings) };
}

/** K of the fryer that a load leaves to the next when pulled at `pulledAt` s, less what the open drawer loses meanwhile. */
export function fryerLeftBy(plan: Plan, pulledAt: number, seed: number): number {
  const isOut = (arrays: { readonly interval: number }, sample: number) => sample * arrays.interval >= pulledAt;
  return leftOpen(plan, simulateCook(plan, seed, STANDARD_RESOLUTION, isOut), pulledAt);
}

/** K of the air at the pull, and then with the drawer open until the next load is in. */
function leftOpen(plan: Plan, { airTemperature, interval, samples }: CookRecord, pulledAt: number): number {
  const at = Math.min(samples - 1, pulledAt / interval);
  const from = Math.floor(at);
  const before = airTemperature[from]!;
  const after = airTemperature[Math.min(samples - 1, from + 1)]!;
  const cavity = createCavity(before + (after - before) * (at - from));
  stepCavity(cavity, plan.fryer, dialTemperature(plan.stages, pulledAt), 0, 0, true, CHANGE_OVER);
  return cavity.temperature;
}
