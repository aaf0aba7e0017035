import type { TrialWorth } from '@/core/trial/information';
import type { SchoolQuestion, SchoolWay } from '@/editing/schools';
import type { CookedDish } from '@/schemas/trial';

/** Trials that are proposed, and of one dish at most so many. Source: chosen. */
const PROPOSED = 3;
const OF_ONE_DISH = 2;

/** A trial that could be made. */
export interface Candidate {
  readonly dish: CookedDish;
  readonly question: SchoolQuestion;
  readonly other: SchoolWay;
}

/** A trial with what it would tell and cost. */
export interface Weighed extends Candidate, TrialWorth {
  readonly difference: number;
  /** min of cooking and preparing beyond what the dish takes anyway, over all pairs */
  readonly costs: number;
}

/** What a minute of it tells of what is cooked: bits, by how often the dish is. */
function tellsAMinute({ information, dish, costs }: Weighed): number {
  return (information * dish.times) / dish.total / costs;
}

/** The trials that tell most for their time, each question once and no dish more than twice. */
export function mostTelling(weighed: readonly Weighed[]): Weighed[] {
  const chosen: Weighed[] = [];
  for (const one of weighed.toSorted((a, b) => tellsAMinute(b) - tellsAMinute(a))) {
    const ofDish = chosen.filter(({ dish }) => dish === one.dish);
    if (ofDish.length >= OF_ONE_DISH || ofDish.some(({ question }) => question === one.question)) continue;
    chosen.push(one);
    if (chosen.length === PROPOSED) break;
  }
  return chosen;
}
