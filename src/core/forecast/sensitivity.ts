import { scaleThickness } from '../cut/piece-geometry';
import { isMixing, type Plan } from '../plan/plan';
import { outcomeOf, type PlanOutcome } from './plan-outcome';

/** What might be other than planned. */
export const SENSITIVITY_FACTORS = [
  'thickness',
  'scatter',
  'film',
  'load',
  'start-temperature',
  'thermostat',
  'air-flow',
  'sugar',
  'openings',
] as const;

/** The name of a factor. */
export type SensitivityFactor = (typeof SENSITIVITY_FACTORS)[number];

/** What one factor does when it is off by an ordinary amount. */
export interface Sensitivity {
  readonly factor: SensitivityFactor;
  /** by how much it is off, in the factor's own unit: share, K, or kg/m² */
  readonly by: number;
  /** s later (positive) or sooner; null when the batch is then never done */
  readonly pullShift: number | null;
  /** change of the best share of right pieces */
  readonly peakShift: number;
  /** how much it matters: minutes of shift, and a tenth of the pieces counting as one */
  readonly weight: number;
}

/** Ordinary slips, each about one standard deviation of what happens at home. Source: assumed, as for the ensemble. */
const SLIP = {
  thickness: 0.1,
  scatter: 0.08,
  film: 0.05,
  load: 0.2,
  'start-temperature': -12,
  thermostat: -10,
  'air-flow': -0.18,
  sugar: -0.4,
  openings: -1,
} as const satisfies Record<SensitivityFactor, number>;

/** Minutes that all pieces right against none count for. Source: assumed, one for a tenth of the pieces. */
const MINUTES_PER_SHARE = 10;

/** Weight of a batch that is never done, min. Source: assumed. */
const NEVER_DONE = 20;

/** The plan with one factor off by its ordinary slip; null where that cannot happen. */
export function withSlip(plan: Plan, factor: SensitivityFactor): Plan | null {
  const by = SLIP[factor];
  const { fryer } = plan;
  switch (factor) {
    case 'thickness':
      return { ...plan, cut: scaleThickness(plan.cut, 1 + by) };
    case 'scatter':
      return { ...plan, scatter: plan.scatter + by };
    case 'film':
      return { ...plan, extraFilm: (plan.extraFilm ?? 0) + by };
    case 'load':
      return { ...plan, mass: plan.mass * (1 + by) };
    case 'start-temperature':
      return { ...plan, startTemperature: plan.startTemperature + by };
    case 'thermostat':
      return { ...plan, fryer: { ...fryer, thermostatOffset: fryer.thermostatOffset + by } };
    case 'air-flow':
      return { ...plan, fryer: { ...fryer, heatTransferCoefficient: fryer.heatTransferCoefficient * (1 + by) } };
    case 'sugar':
      return { ...plan, reducingSugar: plan.reducingSugar * (1 + by) };
    case 'openings': {
      const first = plan.events.findIndex(({ action }) => isMixing(action));
      return first < 0 ? null : { ...plan, events: plan.events.filter((_, i) => i !== first) };
    }
  }
}

/** Tries each factor in turn and yields what it does to the outcome. Cost: a coarse forecast each. */
export function* tryFactors(plan: Plan, seed: number): Generator<Sensitivity, void, void> {
  const base = outcomeOf(plan, seed);
  for (const factor of SENSITIVITY_FACTORS) {
    const slipped = withSlip(plan, factor);
    if (!slipped) continue;
    yield compare(factor, base, outcomeOf(slipped, seed));
  }
}

function compare(factor: SensitivityFactor, base: PlanOutcome, other: PlanOutcome): Sensitivity {
  const pullShift = base.pullTime === null || other.pullTime === null ? null : other.pullTime - base.pullTime;
  const peakShift = other.peakShare - base.peakShare;
  const minutes = pullShift === null ? NEVER_DONE : Math.abs(pullShift) / 60;
  return { factor, by: SLIP[factor], pullShift, peakShift, weight: minutes + MINUTES_PER_SHARE * Math.abs(peakShift) };
}

/** The factors that matter most, first the heaviest. */
export function heaviest(sensitivities: readonly Sensitivity[], count: number): Sensitivity[] {
  return [...sensitivities].sort((a, b) => b.weight - a.weight).slice(0, count);
}
