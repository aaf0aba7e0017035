import { forecastPlan } from '../forecast/forecast';
import { forecastLoads } from '../forecast/forecast-loads';
import { shareOfPlan } from '../plan/divide-plan';
import { equalLoads } from '../plan/load-share';
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

/** Most batches tried. Source: assumed; nobody stands longer. */
const MOST_BATCHES = 3;

/** Openings tried where the plan leaves them free. Source: chosen; two by two, as the gain of one more is small. */
const OPENINGS = [0, 2, 4] as const;

/** Share right below which a way is no proposal. Source: assumed, half. */
const LEAST_RIGHT = 0.5;

/** How much longer than planned a way may take, so that a cooler dial still gets there. Source: chosen. */
const LONGER = 1.3;

/** Turns of the dial that are tried, K, and a gentle beginning: s, and K below and above the hottest of the plan. Source: chosen, steps that a cook would try. */
const COOLER = -15;
const HOTTER = 10;
const GENTLE = { duration: 480, below: 25, above: 5 } as const;

/** Dial programmes tried: as planned, cooler, hotter, gentle then hot. */
function programmes(plan: Plan): Stage[][] {
  const total = plan.stages.reduce((sum, stage) => sum + stage.duration, 0);
  const hottest = Math.max(...plan.stages.map((stage) => stage.temperature));
  const flat = (shift: number): Stage[] => [{ duration: total * LONGER, temperature: hottest + shift }];
  return [
    plan.stages.map((stage, i) =>
      i === plan.stages.length - 1 ? { ...stage, duration: stage.duration * LONGER } : stage,
    ),
    flat(COOLER),
    flat(HOTTER),
    [
      { duration: GENTLE.duration, temperature: hottest - GENTLE.below },
      { duration: total, temperature: hottest + GENTLE.above },
    ],
  ];
}

/**
 * Tries loads × dial programmes × openings and yields each alternative that is done with at least half of the pieces right
 * together, as it is found; the caller may stop at any time. Later loads find the fryer warm. Same plan and seed, same
 * order. Cost: some 36 forecasts, more where there are several loads.
 */
export function* searchPlans(plan: Plan, seed: number): Generator<Alternative, void, void> {
  const others = plan.events.filter((event) => !isMixing(event.action));
  for (let batches = 1; batches <= MOST_BATCHES; batches++) {
    for (const stages of programmes(plan)) {
      const unshaken = forecastPlan(shareOfPlan({ ...plan, stages, events: others }, 1 / batches), seed);
      for (const openings of OPENINGS) {
        const shakes = spreadOpenings(openings, unshaken.pull.time / 60).map((minute) => ({
          time: minute * 60,
          action: 'shake' as const,
        }));
        const candidate: Plan = { ...plan, stages, events: [...others, ...shakes] };
        const { time, evenness, inTime } = forecastLoads(candidate, equalLoads(batches), seed);
        if (!inTime || evenness < LEAST_RIGHT) continue;
        const attention = batches * openings + (batches - 1);
        yield { plan: shareOfPlan(candidate, 1 / batches), batches, score: { time, evenness, attention } };
      }
    }
  }
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
