import { type Beginnings, createBeginnings } from '../batch/beginnings';
import { goingOn } from '../forecast/interval';
import { type PullInterval, pullInterval } from '../forecast/pull-interval';
import {
  AS_EXPECTED,
  browningScaleOf,
  drawUnknowns,
  UNKNOWN_NAMES,
  type Unknowns,
  withUnknowns,
} from '../forecast/unknowns';
import { normalQuantile } from '../numeric/normal-quantile';
import type { RandomSource } from '../numeric/seeded-random';
import { cookDuration, type Plan } from '../plan/plan';
import { logLikelihood } from './likelihood';
import type { Observation } from './observation';
import { type Trace, traceOf, tracesOf } from './trace';

/** One guess at the fryer and the food, how its cook goes, and how likely it is. Weights of all add up to one. */
export interface Particle {
  readonly unknowns: Unknowns;
  readonly trace: Trace;
  readonly weight: number;
  /** guesses of one cook differ by their browning alone */
  readonly cook: number;
  /** of that cook, from which it goes on where the plan is changed */
  readonly beginnings: Beginnings;
}

/** Cooks of a run. Source: chosen; twice as many move the done minute by less than 1 %. */
export const COOKS = 32;

/** Brownings that each cook stands for, at even steps over so many standard deviations either way. Source: numerics; steps of 0.37 σ, below what an eye tells. */
const BROWNINGS = 15;
const REACH = 2.6;

/** Those steps, and how likely each is under a normal distribution. */
const STEPS = Array.from({ length: BROWNINGS }, (_, i) => REACH * ((2 * i) / (BROWNINGS - 1) - 1));
const SHARES = (() => {
  const densities = STEPS.map((step) => Math.exp(-(step * step) / 2));
  const total = densities.reduce((sum, density) => sum + density, 0);
  return densities.map((density) => density / total);
})();

/** Seed of every particle's cook: one heap for all, so that they differ by what is not known alone. */
const HEAP = 1;

/** Shrinkage of the resampling kernel, Liu & West (2001): θ' = a·θ + (1 − a)·mean, covariance (1 − a²)·V by differences of pairs. Source: 0.95–0.99 there; lower assumed, since the cooks are few; ter Braak (2006). */
const SHRINKAGE = 0.92;

/** Least spread of browning within a cook, standard deviations of the prior. Source: numerics; no two guesses alike. */
const LEAST_SPREAD = 0.05;

/** What is guessed of one cook: browning as a normal distribution, or a single one where pieces are pulled by their colour on the way. */
interface Guess {
  readonly unknowns: Unknowns;
  /** standard deviation of browning, those of the prior */
  readonly spread: number;
  readonly weight: number;
}

/** Cooks between two whose brownings are neighbours: their other unknowns then have nothing to do with it. Source: numerics; odd, so that each comes once in 32. */
const STRIDE = 11;

/** Where the one browning of a cook lies, standard deviations: all cooks together have the whole normal distribution. */
function scattered(cook: number, count: number): number {
  return normalQuantile((((cook * STRIDE) % count) + 0.5) / count);
}

/** The particles of some guesses. Cost: a cook each. */
function particlesOf(guesses: readonly Guess[], plan: Plan): Particle[] {
  const longer = goingOn(plan);
  const byColour = plan.events.some(({ action }) => action === 'pull');
  return guesses.flatMap(({ unknowns, spread, weight }, cook) => {
    if (byColour) {
      const own = { ...unknowns, browning: unknowns.browning + spread * scattered(cook, guesses.length) };
      const trace = traceOf(withUnknowns(longer, own), HEAP);
      return [{ unknowns: own, trace, weight, cook, beginnings: createBeginnings(true) }];
    }
    const brownings = STEPS.map((step) => unknowns.browning + Math.max(LEAST_SPREAD, spread) * step);
    return browned(unknowns, brownings, SHARES, longer, plan, createBeginnings(true)).map((particle) => ({
      ...particle,
      weight: weight * particle.weight,
      cook,
    }));
  });
}

/** The guesses of one cook that differ by browning, with their shares as weights. */
function browned(
  unknowns: Unknowns,
  brownings: readonly number[],
  shares: readonly number[],
  longer: Plan,
  plan: Plan,
  beginnings: Beginnings,
): Omit<Particle, 'cook'>[] {
  const fryer = withUnknowns(longer, { ...unknowns, browning: 0 });
  const traces = tracesOf(
    fryer,
    HEAP,
    brownings.map((one) => browningScaleOf(one, plan.spread)),
    cookDuration(plan),
    beginnings,
  );
  return traces.map((trace, i) => ({
    unknowns: { ...unknowns, browning: brownings[i]! },
    trace,
    weight: shares[i]!,
    beginnings,
  }));
}

/** The particles of each cook. */
function byCook(particles: readonly Particle[]): Particle[][] {
  const cooks: Particle[][] = [];
  for (const particle of particles) (cooks[particle.cook] ??= []).push(particle);
  return cooks;
}

/** What the particles of each cook say together: its weight, and mean and spread of browning. */
function guessesOf(particles: readonly Particle[]): Guess[] {
  return byCook(particles).map((own) => {
    const weight = own.reduce((sum, one) => sum + one.weight, 0);
    const mean = (of: (browning: number) => number) =>
      weight > 0
        ? own.reduce((sum, one) => sum + (one.weight / weight) * of(one.unknowns.browning), 0)
        : of(own[own.length >> 1]!.unknowns.browning);
    const browning = mean((value) => value);
    const spread = Math.sqrt(mean((value) => (value - browning) ** 2));
    return { unknowns: { ...own[0]!.unknowns, browning }, spread, weight };
  });
}

/** Guesses before anything was seen. Cost: a cook each. */
export function priorParticles(plan: Plan, random: RandomSource, count = COOKS): Particle[] {
  const byColour = plan.events.some(({ action }) => action === 'pull');
  const guesses = drawUnknowns(count, random).map((unknowns) => ({
    unknowns: byColour ? unknowns : { ...unknowns, browning: 0 },
    spread: byColour ? 0 : 1,
    weight: 1 / count,
  }));
  return particlesOf(guesses, plan);
}

/** The same guesses for a plan that goes on otherwise; weights stay. Cost: the rest of a cook each, from where the plan was changed. */
export function replanParticles(particles: readonly Particle[], plan: Plan): Particle[] {
  const longer = goingOn(plan);
  if (plan.events.some(({ action }) => action === 'pull')) {
    /* one browning for each cook from now on, scattered over what it stood for */
    return particlesOf(guessesOf(particles), plan);
  }
  return byCook(particles).flatMap((own, cook) => {
    const { unknowns, beginnings } = own[0]!;
    const brownings = own.map((one) => one.unknowns.browning);
    return browned(
      unknowns,
      brownings,
      own.map((one) => one.weight),
      longer,
      plan,
      beginnings,
    ).map((particle) => ({ ...particle, cook }));
  });
}

/** Bayes: w ∝ w · p(observation | particle). Cost: none to speak of. */
export function reweigh(particles: readonly Particle[], observation: Observation): Particle[] {
  const logs = particles.map(({ weight, trace }) => Math.log(weight) + logLikelihood(trace, observation));
  const most = Math.max(...logs);
  const total = logs.reduce((sum, log) => sum + Math.exp(log - most), 0);
  return particles.map((particle, i) => ({ ...particle, weight: Math.exp(logs[i]! - most) / total }));
}

/** 1/Σw² over the cooks: how many of them still count. */
export function effectiveCount(particles: readonly Particle[]): number {
  return 1 / guessesOf(particles).reduce((sum, { weight }) => sum + weight * weight, 0);
}

/** Weighted mean of the guesses. */
export function meanUnknowns(particles: readonly Particle[]): Unknowns {
  const mean: Record<keyof Unknowns, number> = { ...AS_EXPECTED };
  for (const { unknowns, weight } of particles) for (const name of UNKNOWN_NAMES) mean[name] += weight * unknowns[name];
  return mean;
}

/**
 * New guesses where the likely ones are: systematic resampling of the cooks, each then drawn towards the mean and scattered by the
 * difference of two others, the mean of its brownings with it, so that mean, variance and the ties between the unknowns stay and no two
 * are alike. Its brownings are laid anew over what is left of their spread.
 */
export function resample(particles: readonly Particle[], plan: Plan, random: RandomSource): Particle[] {
  const guesses = guessesOf(particles);
  const mean: Record<keyof Unknowns, number> = { ...AS_EXPECTED };
  for (const { unknowns, weight } of guesses) for (const name of UNKNOWN_NAMES) mean[name] += weight * unknowns[name];
  const drawn = systematic(guesses, random);
  const any = () => drawn[Math.floor(random() * drawn.length)]!.unknowns;
  const width = Math.sqrt((1 - SHRINKAGE ** 2) / 2);
  const moved = drawn.map(({ unknowns, spread }) => {
    const [one, other] = [any(), any()];
    const own: Record<keyof Unknowns, number> = { ...AS_EXPECTED };
    for (const name of UNKNOWN_NAMES) {
      own[name] = SHRINKAGE * unknowns[name] + (1 - SHRINKAGE) * mean[name] + width * (one[name] - other[name]);
    }
    return { unknowns: own, spread, weight: 1 / drawn.length };
  });
  return particlesOf(moved, plan);
}

/** As many guesses, each as often as its weight says. */
function systematic(guesses: readonly Guess[], random: RandomSource): Guess[] {
  const count = guesses.length;
  const start = random() / count;
  let index = 0;
  let reached = guesses[0]!.weight;
  return Array.from({ length: count }, (_, i) => {
    while (reached < start + i / count && index < count - 1) reached += guesses[++index]!.weight;
    return guesses[index]!;
  });
}

/** Weighted 10, 50 and 90 % quantiles of the moment to pull, s; those not done count as later than all others. */
export function pullOf(particles: readonly Particle[]): PullInterval {
  return pullInterval(particles.map(({ trace, weight }) => ({ time: trace.pullTime, weight })));
}
