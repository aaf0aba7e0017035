import { COARSE_RESOLUTION } from '../batch/resolution';
import { forecastPlan } from '../forecast/forecast';
import { isMixing, type Plan, type Stage } from '../plan/plan';
import { spreadOpenings } from './spread-openings';

/** What a plan costs and gives. */
export interface Score {
  /** s over all batches, emptying and filling between them counted */
  readonly time: number;
  /** share of pieces right at the best moment, 0–1 */
  readonly evenness: number;
  /** openings of the drawer over all batches */
  readonly attention: number;
}

/** One way to cook what lies on the board. */
export interface Alternative {
  readonly plan: Plan;
  readonly batches: number;
  readonly score: Score;
}

/** How much each point matters, 0 or more. */
export interface Weights {
  readonly time: number;
  readonly evenness: number;
  readonly attention: number;
}

/** Emptying and filling between batches, s. Source: assumed. */
export const CHANGE_OVER = 90;

/** Most batches tried. Source: assumed; nobody stands longer. */
const MOST_BATCHES = 3;

const OPENINGS = [0, 2, 4] as const;

/** Dial programmes tried: as planned, cooler, hotter, gentle then hot. */
function programmes(plan: Plan): Stage[][] {
  const total = plan.stages.reduce((sum, stage) => sum + stage.duration, 0);
  const hottest = Math.max(...plan.stages.map((stage) => stage.temperature));
  const flat = (shift: number): Stage[] => [{ duration: total * 1.3, temperature: hottest + shift }];
  return [
    plan.stages.map((stage, i) =>
      i === plan.stages.length - 1 ? { ...stage, duration: stage.duration * 1.3 } : stage,
    ),
    flat(-15),
    flat(10),
    [
      { duration: 480, temperature: hottest - 25 },
      { duration: total, temperature: hottest + 5 },
    ],
  ];
}

/**
 * Tries batches × dial programmes × openings on a coarse grid and yields each alternative that is done, as it is found;
 * the caller may stop at any time. Same plan and seed, same order. Cost: some 36 coarse forecasts.
 */
export function* searchPlans(plan: Plan, seed: number): Generator<Alternative, void, void> {
  const others = plan.events.filter((event) => !isMixing(event.action));
  for (let batches = 1; batches <= MOST_BATCHES; batches++) {
    for (const stages of programmes(plan)) {
      const share = { ...plan, mass: plan.mass / batches, stages, preparation: shareOf(plan, batches) };
      const unshaken = forecastPlan({ ...share, events: others }, seed, COARSE_RESOLUTION);
      const minutes = (unshaken.doneTime ?? stages.reduce((sum, stage) => sum + stage.duration, 0)) / 60;
      for (const openings of OPENINGS) {
        const shakes = spreadOpenings(openings, minutes).map((minute) => ({
          time: minute * 60,
          action: 'shake' as const,
        }));
        const candidate: Plan = { ...share, events: [...others, ...shakes] };
        const forecast = openings === 0 ? unshaken : forecastPlan(candidate, seed, COARSE_RESOLUTION);
        if (forecast.doneTime === null) continue;
        yield {
          plan: candidate,
          batches,
          score: {
            time: batches * forecast.peak.time + (batches - 1) * CHANGE_OVER,
            evenness: forecast.peak.share,
            attention: batches * openings + (batches - 1),
          },
        };
      }
    }
  }
}

function shareOf(plan: Plan, batches: number): Plan['preparation'] {
  return plan.preparation.map((step) => ('mass' in step ? { ...step, mass: step.mass / batches } : step));
}

/** Alternatives that no other beats in every point: the trade-off front, quickest first. */
export function tradeOffFront(alternatives: readonly Alternative[]): Alternative[] {
  const beats = (a: Score, b: Score) =>
    a.time <= b.time &&
    a.evenness >= b.evenness &&
    a.attention <= b.attention &&
    (a.time < b.time || a.evenness > b.evenness || a.attention < b.attention);
  return alternatives
    .filter((one) => !alternatives.some((other) => beats(other.score, one.score)))
    .sort((a, b) => a.score.time - b.score.time);
}

/** The alternative that suits the weights best, or null where there is none; a minute, a tenth of evenness and an opening count one each. */
export function bestByWeights<Found extends Pick<Alternative, 'score'>>(
  alternatives: readonly Found[],
  weights: Weights,
): Found | null {
  const cost = ({ score }: Found) =>
    (weights.time * score.time) / 60 - weights.evenness * score.evenness * 10 + weights.attention * score.attention;
  return alternatives.reduce<Found | null>((best, one) => (!best || cost(one) < cost(best) ? one : best), null);
}
