import { simulateCook } from '../batch/simulate-cook';
import { batchYield } from '../cut/batch-yield';
import { forecastPlan } from '../forecast/forecast';
import { pullTimeIn } from '../forecast/pull-time-in';
import { goingOn } from '../forecast/interval';
import { saidCrispness } from '../learn/what-came-out';
import type { BiteCameOut } from '../learn/what-came-out';
import { cookDuration, type Plan } from '../plan/plan';
import { type Cause, CAUSES, HOW_OFTEN, type Suspect, suspectsOf } from './cause';
import { complains, type Features, featuresOf, type Symptom, SYMPTOMS } from './symptom';

/** What a cook says of a batch that went wrong. */
export interface Complaint {
  /** s after loading; null where it was not told */
  readonly pulledAt: number | null;
  readonly symptoms: readonly Symptom[];
  /** typical browning by a swatch, the bite in words, where they were told */
  readonly browning?: number | null;
  readonly bite?: BiteCameOut | null;
  /** browning of the ninth tenth over the first, where it was told how even they were */
  readonly spread?: number | null;
}

/** A cause with how likely it is and what it would have given. */
export interface SuspectedCause {
  readonly cause: Cause;
  readonly probability: number;
  /** at its likeliest strength */
  readonly strength: number;
  readonly features: Features;
  readonly pulledAt: number;
}

/** What may have happened, likeliest first, and what is left for something else. */
export interface Diagnosis {
  readonly causes: readonly SuspectedCause[];
  readonly somethingElse: number;
  /** as forecast: nothing unusual, pulled when it was */
  readonly asPlanned: Features;
}

/** Standard deviations of what is told, ln. Source: swatch and word as in a run's likelihood, with the day's own lot. */
const NOISE = { swatch: 0.3, bite: 0.5, spread: 0.35 } as const;

/** How much less a symptom that was not named counts than one that was. Source: assumed; cooks name what bothers them most. */
const UNNAMED = 0.75;

/** Weight of "as planned, and yet it came out so": what none of the causes explains. Against the sum of `HOW_OFTEN`. Source: assumed, one in fifteen. */
const SOMETHING_ELSE = 1;

/** Least likelihood of a complaint under any cause: some are slips. */
const SLIP = 0.02;

const SEED = 1;

/** g/m² of oil that preparation puts on what was cut. */
function oilFilmOf(plan: Plan): number {
  const oil = plan.preparation.reduce((sum, step) => sum + (step.step === 'oil' ? step.mass : 0), 0);
  return (oil * 1000) / batchYield(plan.food, plan.cut, plan.mass).surface;
}

/** What a suspect would have given. Cost: a cook. */
function tried({ plan, pulledAt, waited }: Suspect): Features {
  const longer: Plan = pulledAt > cookDuration(plan) ? goingOn(plan) : plan;
  const record = simulateCook(longer, SEED, undefined, (arrays, sample) => sample * arrays.interval >= pulledAt);
  return featuresOf(record, plan, pulledAt, waited, oilFilmOf(plan));
}

/** ln of how likely a complaint is of a batch with these features. */
function logLikelihood(complaint: Complaint, features: Features, plan: Plan): number {
  let log = 0;
  const normal = (gap: number, deviation: number) =>
    Math.log((1 - SLIP) * Math.exp(-(gap * gap) / (2 * deviation * deviation)) + SLIP * Math.exp(-4.5));
  for (const symptom of SYMPTOMS) {
    const chance = SLIP + (1 - 2 * SLIP) * complains(symptom, features, plan);
    log += complaint.symptoms.includes(symptom) ? Math.log(chance) : Math.log(1 - UNNAMED * chance);
  }
  const middle = features.colours[features.colours.length >> 1]!;
  if (complaint.browning != null) {
    log += normal(Math.log(middle + 0.08) - Math.log(complaint.browning + 0.08), NOISE.swatch);
  }
  const said = complaint.bite == null ? null : saidCrispness(complaint.bite, plan.target.crispness);
  if (said !== null) log += normal(Math.log(features.crispness + 0.08) - Math.log(said + 0.08), NOISE.bite);
  if (complaint.spread != null) log += normal(Math.log(features.spread) - Math.log(complaint.spread), NOISE.spread);
  return log;
}

/**
 * Tries every cause on this very plan and weighs it by Bayes with what the cook saw. Cost: some twenty-five cooks, one a step, so
 * that whoever asks can breathe between them.
 */
export function* diagnose(plan: Plan, complaint: Complaint): Generator<void, Diagnosis> {
  const due = pullTimeIn(forecastPlan(plan, SEED)) ?? cookDuration(plan);
  const pulledAt = complaint.pulledAt ?? due;
  const suspects = suspectsOf(plan, pulledAt, complaint.pulledAt !== null, due);
  yield;
  const asPlanned = tried({ cause: 'waited', strength: 0, plan, pulledAt, waited: 0 });
  const weights: { suspect: Suspect; features: Features; weight: number }[] = [];
  for (const suspect of suspects) {
    yield;
    const features = tried(suspect);
    const strengths = suspects.filter(({ cause }) => cause === suspect.cause).length;
    const prior = HOW_OFTEN[suspect.cause] / strengths;
    weights.push({ suspect, features, weight: prior * Math.exp(logLikelihood(complaint, features, suspect.plan)) });
  }
  const other = SOMETHING_ELSE * Math.exp(logLikelihood(complaint, asPlanned, plan));
  const total = weights.reduce((sum, { weight }) => sum + weight, other);
  const causes = CAUSES.flatMap((cause) => {
    const own = weights.filter(({ suspect }) => suspect.cause === cause);
    if (own.length === 0) return [];
    const likeliest = own.reduce((best, one) => (one.weight > best.weight ? one : best));
    return [
      {
        cause,
        probability: own.reduce((sum, { weight }) => sum + weight, 0) / total,
        strength: likeliest.suspect.strength,
        features: likeliest.features,
        pulledAt: likeliest.suspect.pulledAt,
      },
    ];
  });
  return { causes: causes.toSorted((a, b) => b.probability - a.probability), somethingElse: other / total, asPlanned };
}
