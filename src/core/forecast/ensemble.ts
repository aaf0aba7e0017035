import { COARSE_RESOLUTION } from '../engine/resolution';
import { simulateCook } from '../engine/simulate-cook';
import { normalQuantile } from '../numeric/normal-quantile';
import { quantileOfSorted } from '../numeric/quantile';
import { createSeededRandom, shuffleInPlace } from '../numeric/seeded-random';
import { cookDuration, type Plan } from '../plan/plan';
import { findDoneTime } from './done-time';

/** Standard deviations of what is not known of a fryer that was never calibrated. Source: assumed. */
const UNKNOWN = {
  /** of ln h; fans and baskets differ */
  heatTransfer: 0.18,
  /** K; thermostats of small ovens are within 10–15 K */
  offset: 9,
  /** of ln P; labels and mains voltage */
  power: 0.07,
  /** of ln kb; sugar of the day, and what each cook calls golden */
  browning: 0.45,
} as const;

/** Beyond the stages a done time is still looked for, this share of them and s at least: a number helps more than none. */
const LOOK_BEYOND = { share: 0.5, least: 600 };

/** Quantiles of the done time, s; null where that member is not done half again as long as the stages. */
export interface DoneInterval {
  readonly p10: number | null;
  readonly p50: number | null;
  readonly p90: number | null;
}

/** The plan with its last stage going on. */
function goingOn(plan: Plan): Plan {
  const last = plan.stages[plan.stages.length - 1]!;
  const more = Math.max(LOOK_BEYOND.least, LOOK_BEYOND.share * cookDuration(plan));
  return { ...plan, stages: [...plan.stages.slice(0, -1), { ...last, duration: last.duration + more }] };
}

/** One member's fryer: every unknown at its own quantile, paired at random (Latin hypercube). */
export function ensemblePlans(plan: Plan, members: number, seed: number): Plan[] {
  const random = createSeededRandom(seed * 7919 + 17);
  const column = () => {
    const order = Float64Array.from({ length: members }, (_, i) => normalQuantile((i + 0.5) / members));
    shuffleInPlace(order, random);
    return order;
  };
  const [transfer, offset, power, browning] = [column(), column(), column(), column()];
  const longer = goingOn(plan);
  return Array.from({ length: members }, (_, i) => ({
    ...longer,
    browningScale: plan.browningScale * Math.exp(UNKNOWN.browning * browning[i]!),
    fryer: {
      ...plan.fryer,
      heatTransferCoefficient: plan.fryer.heatTransferCoefficient * Math.exp(UNKNOWN.heatTransfer * transfer[i]!),
      thermostatOffset: plan.fryer.thermostatOffset + UNKNOWN.offset * offset[i]!,
      maximumPower: plan.fryer.maximumPower * Math.exp(UNKNOWN.power * power[i]!),
    },
  }));
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
