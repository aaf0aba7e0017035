import { equalLoads, type LoadShare } from '../plan/load-share';
import type { Plan } from '../plan/plan';
import { lookOver, type Rough } from './look-over';
import { type Score, scoreOf } from './score-way';

/** One way to cook what lies on the board. */
export interface Alternative {
  /** all that is on the board, with the stages, openings and preheat of this way */
  readonly plan: Plan;
  readonly batches: number;
  readonly score: Score;
  /** the plan as it stands on the bench, against which the others are held */
  readonly asItStands: boolean;
}

/** How much each point matters, 0 or more. */
export interface Weights {
  readonly time: number;
  readonly evenness: number;
  readonly attention: number;
}

/** Most batches tried. Source: assumed; nobody stands longer. */
const MOST_BATCHES = 3;

/** Share right below which a way is no proposal. Source: assumed, half. */
const LEAST_RIGHT = 0.5;

/** How far a way looked over may lie behind another and still be cooked as shown: share of its time, and evenness. Source: how coarse they are, see `lookOver`. */
const TIME_ROOM = 0.05;
const EVENNESS_ROOM = 0.1;

/** Evenness from which no cook sees a difference. Source: assumed, one piece in twenty. */
const EVEN_ENOUGH = 0.95;

/** Whether one way is so far ahead of another, both looked over, that it will be when both are cooked as shown. */
function farAhead(one: Score, other: Score): boolean {
  const evenness = Math.min(one.evenness, EVEN_ENOUGH);
  return (
    one.attention <= other.attention &&
    one.time <= (1 - TIME_ROOM) * other.time &&
    (evenness === EVEN_ENOUGH || evenness >= other.evenness + EVENNESS_ROOM)
  );
}

/** What a search has come to: how many ways were tried so far, and the one that was just found to be a proposal. */
export interface SearchStep {
  readonly tried: number;
  readonly found: Alternative | null;
}

/**
 * Finds first the plan as it stands, then ways of loads × dial programme × preheat × openings that are done with at least half of the
 * pieces right together: all are looked over coarsely, and those that none is far ahead of are cooked as the bench would. Later loads
 * find the fryer warm. The caller may stop after any step. Same plan, order and seed, same ways.
 * Cost: some 700 coarse cooks and a few dozen as shown.
 * @param order of the plan's own loads
 */
export function* searchPlans(
  plan: Plan,
  seed: number,
  order: readonly LoadShare[] = equalLoads(1),
): Generator<SearchStep, void, void> {
  let tried = 1;
  yield { tried, found: { plan, batches: order.length, score: scoreOf(plan, order, seed).score, asItStands: true } };
  const ahead: Rough[] = [];
  for (let batches = 1; batches <= MOST_BATCHES; batches++) {
    const rough: Rough[] = [];
    for (const one of lookOver(plan, seed, batches)) {
      tried++;
      if (one && one.score.evenness >= LEAST_RIGHT - EVENNESS_ROOM) rough.push(one);
      yield { tried, found: null };
    }
    ahead.push(...rough);
    for (const one of rough) {
      if (ahead.some((other) => farAhead(other.score, one.score))) continue;
      const { score, inTime } = scoreOf(one.plan, equalLoads(batches), seed);
      if (inTime && score.evenness >= LEAST_RIGHT) {
        yield { tried, found: { plan: one.plan, batches, score, asItStands: false } };
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

/** What must be gained, in those units, before a change is proposed at all. Source: assumed, half a minute. */
const WORTH_PROPOSING = 0.5;

/**
 * The alternative that suits the weights best, or null where there is none; a minute, a tenth of evenness and an opening count
 * one each. The plan as it stands stays the best unless another gains something that a cook would notice.
 */
export function bestByWeights<Found extends Pick<Alternative, 'score' | 'asItStands'>>(
  alternatives: readonly Found[],
  weights: Weights,
): Found | null {
  const cost = ({ score, asItStands }: Found) =>
    (weights.time * score.time) / 60 -
    weights.evenness * score.evenness * 10 +
    weights.attention * score.attention -
    (asItStands ? WORTH_PROPOSING : 0);
  return alternatives.reduce<Found | null>((best, one) => (!best || cost(one) < cost(best) ? one : best), null);
}
