import { normalQuantile } from '../numeric/normal-quantile';
import { type RandomSource, shuffleInPlace } from '../numeric/seeded-random';
import type { Plan } from '../plan/plan';

/**
 * What is not known of a fryer and a food, as independent standard normal deviates. What they mean is said by the plan's spread:
 * that of a kitchen which knows nothing yet, or what it has learnt.
 */
export interface Unknowns {
  /** ln h; fans and baskets differ */
  readonly heatTransfer: number;
  /** thermostat's offset */
  readonly offset: number;
  /** ln P; labels and mains voltage */
  readonly power: number;
  /** ln kb; sugar of the day, and what each cook calls golden */
  readonly browning: number;
}

/** Their names, in a fixed order; browning is last, so that it alone can differ within one cook. */
export const UNKNOWN_NAMES = ['heatTransfer', 'offset', 'power', 'browning'] as const satisfies (keyof Unknowns)[];

/** Standard deviations of a fryer that was never calibrated: ln h, K, ln P, ln kb. Source: assumed; thermostats of small ovens are within 10–15 K. */
export const PRIOR_SPREAD: Unknowns = { heatTransfer: 0.18, offset: 9, power: 0.07, browning: 0.45 };

/**
 * How far fryer and food may lie from what a plan says: the lower factor L of their covariance, rows in the order of
 * UNKNOWN_NAMES, ten numbers; ln h, K, ln P, ln kb.
 */
export type Spread = readonly number[];

/** The spread of a kitchen that knows nothing yet. */
export const UNLEARNT: Spread = UNKNOWN_NAMES.flatMap((name, row) =>
  Array.from({ length: row + 1 }, (_, column) => (column === row ? PRIOR_SPREAD[name] : 0)),
);

/** How much each unknown differs from the plan, ln h, K, ln P, ln kb: L times the deviates. */
export function differenceOf(unknowns: Unknowns, spread: Spread = UNLEARNT): Unknowns {
  const difference: Record<keyof Unknowns, number> = { ...AS_EXPECTED };
  let at = 0;
  UNKNOWN_NAMES.forEach((name, row) => {
    for (let column = 0; column <= row; column++) difference[name] += spread[at++]! * unknowns[UNKNOWN_NAMES[column]!];
  });
  return difference;
}

/** Factor on browning within one cook, of a food so many standard deviations from what that cook has. */
export function browningScaleOf(deviations: number, spread: Spread = UNLEARNT): number {
  return Math.exp(spread[spread.length - 1]! * deviations);
}

/** Nothing unusual. */
export const AS_EXPECTED: Unknowns = { heatTransfer: 0, offset: 0, power: 0, browning: 0 };

/** The plan in a fryer and with a food of these unknowns. */
export function withUnknowns(plan: Plan, unknowns: Unknowns): Plan {
  const { heatTransfer, offset, power, browning } = differenceOf(unknowns, plan.spread);
  return {
    ...plan,
    browningScale: plan.browningScale * Math.exp(browning),
    fryer: {
      ...plan.fryer,
      heatTransferCoefficient: plan.fryer.heatTransferCoefficient * Math.exp(heatTransfer),
      thermostatOffset: plan.fryer.thermostatOffset + offset,
      maximumPower: plan.fryer.maximumPower * Math.exp(power),
    },
  };
}

/** `count` draws: every unknown at evenly spaced quantiles, paired at random (Latin hypercube). */
export function drawUnknowns(count: number, random: RandomSource): Unknowns[] {
  const column = () => {
    const order = Float64Array.from({ length: count }, (_, i) => normalQuantile((i + 0.5) / count));
    shuffleInPlace(order, random);
    return order;
  };
  const [heatTransfer, offset, power, browning] = [column(), column(), column(), column()];
  return Array.from({ length: count }, (_, i) => ({
    heatTransfer: heatTransfer[i]!,
    offset: offset[i]!,
    power: power[i]!,
    browning: browning[i]!,
  }));
}
