import { normalQuantile } from '../numeric/normal-quantile';
import { type RandomSource, shuffleInPlace } from '../numeric/seeded-random';
import type { Plan } from '../plan/plan';

/** What is not known of a fryer and a food, each as standard deviations from what is expected. */
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

/** Their names, in a fixed order. */
export const UNKNOWN_NAMES = ['heatTransfer', 'offset', 'power', 'browning'] as const satisfies (keyof Unknowns)[];

/** Standard deviations of a fryer that was never calibrated: ln h, K, ln P, ln kb. Source: assumed; thermostats of small ovens are within 10–15 K. */
const SPREAD: Unknowns = { heatTransfer: 0.18, offset: 9, power: 0.07, browning: 0.45 };

/** An unknown in its own unit: K for the thermostat, a share more (or less) for the others. */
export function inOwnUnits(name: keyof Unknowns, deviations: number): number {
  const by = SPREAD[name] * deviations;
  return name === 'offset' ? by : Math.exp(by) - 1;
}

/** Factor on browning of a food so many standard deviations from what is expected. */
export function browningScaleOf(deviations: number): number {
  return Math.exp(SPREAD.browning * deviations);
}

/** Nothing unusual. */
export const AS_EXPECTED: Unknowns = { heatTransfer: 0, offset: 0, power: 0, browning: 0 };

/** The plan in a fryer and with a food of these unknowns. */
export function withUnknowns(plan: Plan, unknowns: Unknowns): Plan {
  return {
    ...plan,
    browningScale: plan.browningScale * browningScaleOf(unknowns.browning),
    fryer: {
      ...plan.fryer,
      heatTransferCoefficient:
        plan.fryer.heatTransferCoefficient * Math.exp(SPREAD.heatTransfer * unknowns.heatTransfer),
      thermostatOffset: plan.fryer.thermostatOffset + SPREAD.offset * unknowns.offset,
      maximumPower: plan.fryer.maximumPower * Math.exp(SPREAD.power * unknowns.power),
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
