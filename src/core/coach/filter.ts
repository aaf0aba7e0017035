import { createSeededRandom, type RandomSource } from '../numeric/seeded-random';
import type { Plan } from '../plan/plan';
import type { Observation } from './observation';
import { COOKS, effectiveCount, type Particle, priorParticles, replanParticles, resample, reweigh } from './particles';

/** A run's guesses with what they were made from. */
export interface Filter {
  readonly particles: readonly Particle[];
  /** observations taken in so far */
  readonly taken: number;
  readonly random: RandomSource;
}

/** Share of the cooks that must still count; below it they are drawn anew. Source: usual choice. */
const RESAMPLE_BELOW = 0.5;

/** A filter before anything was seen. */
export function startFilter(plan: Plan, seed: number): Filter {
  const random = createSeededRandom(seed);
  return { particles: priorParticles(plan, random), taken: 0, random };
}

/** The same guesses for a plan that goes on otherwise. */
export function replanFilter(filter: Filter, plan: Plan): Filter {
  return { ...filter, particles: replanParticles(filter.particles, plan) };
}

/** Takes in one observation: new weights at once. */
export function observe(filter: Filter, observation: Observation): Filter {
  return { ...filter, particles: reweigh(filter.particles, observation), taken: filter.taken + 1 };
}

/** Draws the guesses anew where too few of them still count. Cost: a cook each when it does. */
export function refresh(filter: Filter, plan: Plan): Filter {
  if (effectiveCount(filter.particles) >= RESAMPLE_BELOW * COOKS) return filter;
  return { ...filter, particles: resample(filter.particles, plan, filter.random) };
}
