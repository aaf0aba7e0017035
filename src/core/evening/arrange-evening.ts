import type { EveningAnswer, EveningProblem } from './evening-problem';
import { ordersOf } from './fryer-order';
import { ALIKE, search } from './search-schedules';
import { waysTogether } from './ways-together';

/**
 * Puts an evening in order: the ways of the dishes, their order in the fryers and the moment of each step, so that eaters lose least.
 * @param most partial schedules to look at @param isOver whether time is up, for who has a clock
 * Error: the best is within `ALIKE` where proved.
 */
export function arrangeEvening(
  problem: EveningProblem,
  most = 100_000,
  isOver: () => boolean = () => false,
): EveningAnswer {
  const { combinations, complete } = waysTogether(problem);
  const { best, open, looked } = search(problem, combinations, { most, isOver }, Infinity);
  return {
    best,
    bound: best ? Math.min(best.loss - ALIKE, open) : open,
    proved: complete && open === Infinity,
    orders: combinations.reduce((sum, { ways }) => sum + ordersOf(problem, ways), 0),
    looked,
  };
}
