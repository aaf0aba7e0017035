import type { Plan } from '../plan/plan';
import type { Score } from './score-way';

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

/** Alternatives that no other beats in every point: the trade-off front, quickest first. */
export function tradeOffFront<Found extends Pick<Alternative, 'score'>>(alternatives: readonly Found[]): Found[] {
  const beats = (a: Score, b: Score) =>
    a.time <= b.time &&
    a.evenness >= b.evenness &&
    a.attention <= b.attention &&
    (a.time < b.time || a.evenness > b.evenness || a.attention < b.attention);
  return alternatives
    .filter((one) => !alternatives.some((other) => beats(other.score, one.score)))
    .sort((a, b) => a.score.time - b.score.time);
}

/** What is shown of a search: the trade-off front, and the plan as it stands, beaten or not. */
export function worthShowing<Found extends Pick<Alternative, 'score' | 'asItStands'>>(
  found: readonly Found[],
): Found[] {
  const front = tradeOffFront(found);
  return [...front, ...found.filter((one) => one.asItStands && !front.includes(one))];
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
