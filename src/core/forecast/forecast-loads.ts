import { type CookRun } from '../batch/cook-run';
import { STANDARD_RESOLUTION } from '../batch/resolution';
import { cookUntil } from '../batch/simulate-cook';
import { stepCavity } from '../fryer/cavity';
import { CHANGE_OVER } from './change-over';
import { dividePlan } from '../plan/divide-plan';
import type { Plan } from '../plan/plan';
import { dialTemperature } from '../plan/plan';
import { type Forecast, forecastPlan } from './forecast';

/** Loads of one plan that follow one another in the same fryer. */
export interface LoadsForecast {
  /** one for each load, in order */
  readonly loads: readonly Forecast[];
  /** s from the first loading to the last pull */
  readonly time: number;
  /** share of all pieces right when their load is pulled at its best */
  readonly evenness: number;
  /** J of all loads */
  readonly energy: number;
  readonly inTime: boolean;
}

/**
 * Cooks a plan in `count` equal loads. The first begins as planned; each other one finds the fryer as the one before left it when
 * it was pulled, less what the open drawer loses meanwhile.
 * Cost: a forecast and a half a load; from the third on loads are as the second.
 */
export function forecastLoads(plan: Plan, count: number, seed: number): LoadsForecast {
  const share = dividePlan(plan, count);
  const first = forecastPlan(share, seed);
  const loads = [first];
  if (count > 1) {
    const next = forecastPlan(withWarmFryer(share, first.pull.time, seed), seed);
    while (loads.length < count) loads.push(next);
  }
  return {
    loads,
    time: loads.reduce((sum, { pull }) => sum + pull.time, 0) + (count - 1) * CHANGE_OVER,
    evenness: loads.reduce((sum, { peak }) => sum + peak.share, 0) / count,
    energy: loads.reduce((sum, { record }) => sum + record.energy, 0),
    inTime: loads.every(({ inTime }) => inTime),
  };
}

/** The same load in the fryer as the one before leaves it when pulled at `pulledAt` s. */
export function withWarmFryer(plan: Plan, pulledAt: number, seed: number): Plan {
  const { cavity }: CookRun = cookUntil(plan, seed, pulledAt, STANDARD_RESOLUTION);
  stepCavity(cavity, plan.fryer, dialTemperature(plan.stages, pulledAt), 0, 0, true, CHANGE_OVER);
  return { ...plan, preheat: null, fryerTemperature: cavity.temperature };
}
