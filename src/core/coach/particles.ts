import { goingOn, type PullInterval, pullInterval } from '../forecast/interval';
import { AS_EXPECTED, drawUnknowns, UNKNOWN_NAMES, type Unknowns, withUnknowns } from '../forecast/unknowns';
import type { RandomSource } from '../numeric/seeded-random';
import type { Plan } from '../plan/plan';
import { logLikelihood } from './likelihood';
import type { Observation } from './observation';
import { type Trace, traceOf } from './trace';

/** One guess at the fryer and the food, how its cook goes, and how likely it is. Weights of all add up to one. */
export interface Particle {
  readonly unknowns: Unknowns;
  readonly trace: Trace;
  readonly weight: number;
}

/** Particles of a run. Source: chosen; twice as many move the done minute by less than 1 %. */
export const PARTICLES = 32;

/** Seed of every particle's cook: one heap for all, so that they differ by what is not known alone. */
const HEAP = 1;

/** Shrinkage of the resampling kernel, Liu & West (2001): θ' = a·θ + (1 − a)·mean, covariance (1 − a²)·V by differences of pairs. Source: 0.95–0.99 there; lower assumed, since the particles are few; ter Braak (2006). */
const SHRINKAGE = 0.92;

/** Guesses before anything was seen. Cost: a trace each. */
export function priorParticles(plan: Plan, random: RandomSource, count = PARTICLES): Particle[] {
  const longer = goingOn(plan);
  return drawUnknowns(count, random).map((unknowns) => ({
    unknowns,
    trace: traceOf(withUnknowns(longer, unknowns), HEAP),
    weight: 1 / count,
  }));
}

/** The same guesses for a plan that goes on otherwise; weights stay. Cost: a trace each. */
export function replanParticles(particles: readonly Particle[], plan: Plan): Particle[] {
  const longer = goingOn(plan);
  return particles.map(({ unknowns, weight }) => ({
    unknowns,
    weight,
    trace: traceOf(withUnknowns(longer, unknowns), HEAP),
  }));
}

/** Bayes: w ∝ w · p(observation | particle). Cost: none to speak of. */
export function reweigh(particles: readonly Particle[], observation: Observation): Particle[] {
  const logs = particles.map(({ weight, trace }) => Math.log(weight) + logLikelihood(trace, observation));
  const most = Math.max(...logs);
  const total = logs.reduce((sum, log) => sum + Math.exp(log - most), 0);
  return particles.map((particle, i) => ({ ...particle, weight: Math.exp(logs[i]! - most) / total }));
}

/** 1/Σw²: how many particles still count. */
export function effectiveCount(particles: readonly Particle[]): number {
  return 1 / particles.reduce((sum, { weight }) => sum + weight * weight, 0);
}

/** Weighted mean of the guesses. */
export function meanUnknowns(particles: readonly Particle[]): Unknowns {
  const mean: Record<keyof Unknowns, number> = { ...AS_EXPECTED };
  for (const { unknowns, weight } of particles) for (const name of UNKNOWN_NAMES) mean[name] += weight * unknowns[name];
  return mean;
}

/**
 * New guesses where the likely ones are: systematic resampling, then each drawn towards the mean and scattered by the difference
 * of two others, so that mean, variance and the ties between the unknowns stay and no two are alike.
 */
export function resample(particles: readonly Particle[], plan: Plan, random: RandomSource): Particle[] {
  const mean = meanUnknowns(particles);
  const longer = goingOn(plan);
  const drawn = systematic(particles, random);
  const any = () => drawn[Math.floor(random() * drawn.length)]!.unknowns;
  const width = Math.sqrt((1 - SHRINKAGE ** 2) / 2);
  return drawn.map(({ unknowns }) => {
    const [one, other] = [any(), any()];
    const moved: Record<keyof Unknowns, number> = { ...AS_EXPECTED };
    for (const name of UNKNOWN_NAMES) {
      moved[name] = SHRINKAGE * unknowns[name] + (1 - SHRINKAGE) * mean[name] + width * (one[name] - other[name]);
    }
    return { unknowns: moved, weight: 1 / drawn.length, trace: traceOf(withUnknowns(longer, moved), HEAP) };
  });
}

/** As many particles, each as often as its weight says. */
function systematic(particles: readonly Particle[], random: RandomSource): Particle[] {
  const count = particles.length;
  const start = random() / count;
  let index = 0;
  let reached = particles[0]!.weight;
  return Array.from({ length: count }, (_, i) => {
    while (reached < start + i / count && index < count - 1) reached += particles[++index]!.weight;
    return particles[index]!;
  });
}

/** Weighted 10, 50 and 90 % quantiles of the moment to pull, s; those not done count as later than all others. */
export function pullOf(particles: readonly Particle[]): PullInterval {
  return pullInterval(particles.map(({ trace, weight }) => ({ time: trace.pullTime, weight })));
}
