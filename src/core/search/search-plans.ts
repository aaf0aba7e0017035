import { equalLoads, type LoadShare } from '../plan/load-share';
import type { Plan } from '../plan/plan';
import { ALL_WAYS, lookOver, type PartOfWays, type Rough } from './look-over';
import { type Score, scoreOf } from './score-way';
import type { Alternative } from './trade-off';

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
 * @param part of the ways, for several searches side by side; the plan as it stands is in the first
 */
export function* searchPlans(
  plan: Plan,
  seed: number,
  order: readonly LoadShare[] = equalLoads(1),
  part: PartOfWays = ALL_WAYS,
): Generator<SearchStep, void, void> {
  let tried = 0;
  if (part.index === 0) {
    tried++;
    yield { tried, found: { plan, batches: order.length, score: scoreOf(plan, order, seed).score, asItStands: true } };
  }
  const ahead: Rough[] = [];
  for (let batches = 1; batches <= MOST_BATCHES; batches++) {
    const rough: Rough[] = [];
    for (const one of lookOver(plan, seed, batches, part)) {
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
