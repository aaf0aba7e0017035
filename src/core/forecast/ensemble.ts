import { COARSE_RESOLUTION } from '../batch/resolution';
import { simulateCook } from '../batch/simulate-cook';
import { quantileOfSorted } from '../numeric/quantile';
import { createSeededRandom } from '../numeric/seeded-random';
import { cookDuration, type Plan } from '../plan/plan';
import { findDoneTime } from './done-time';
import { drawUnknowns, withUnknowns } from './unknowns';

/** Beyond the stages a done time is still looked for, this share of them and s at least: a number helps more than none. */
const LOOK_BEYOND = { share: 0.5, least: 600 };

/** Quantiles of the done time, s; null where that member is not done half again as long as the stages. */
export interface DoneInterval {
  readonly p10: number | null;
  readonly p50: number | null;
  readonly p90: number | null;
}

/** The plan with its last stage going on. */
export function goingOn(plan: Plan): Plan {
  const last = plan.stages[plan.stages.length - 1]!;
  const more = Math.max(LOOK_BEYOND.least, LOOK_BEYOND.share * cookDuration(plan));
  return { ...plan, stages: [...plan.stages.slice(0, -1), { ...last, duration: last.duration + more }] };
}

/** The members of an ensemble: the plan going on, in a fryer and with a food of their own. */
export function ensemblePlans(plan: Plan, members: number, seed: number): Plan[] {
  const longer = goingOn(plan);
  return drawUnknowns(members, createSeededRandom(seed * 7919 + 17)).map((unknowns) => withUnknowns(longer, unknowns));
}

/** Done time of one member, s, or null. */
export function memberDoneTime(plan: Plan, seed: number): number | null {
  const record = simulateCook(plan, seed, COARSE_RESOLUTION);
  return findDoneTime(record, plan);
}

/** Quantiles over members; one that is not done counts as later than all others. */
export function doneInterval(times: readonly (number | null)[]): DoneInterval {
  const sorted = times.map((time) => time ?? Infinity).sort((a, b) => a - b);
  const at = (share: number) => {
    const value = quantileOfSorted(sorted, share);
    return Number.isFinite(value) ? value : null;
  };
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) };
}

/** The 80 % interval of the done time over the fryer's and the food's unknowns. */
export function forecastInterval(plan: Plan, members: number, seed: number): DoneInterval {
  return doneInterval(ensemblePlans(plan, members, seed).map((member, i) => memberDoneTime(member, seed + i)));
}
