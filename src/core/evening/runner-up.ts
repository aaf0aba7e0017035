import { fryersOf } from './way-id';
import type { EveningProblem, EveningSchedule } from './evening-problem';
import { dishOf } from './evening-run';
import { fryerOrder } from './fryer-order';
import { search } from './search-schedules';
import { waysTogether } from './ways-together';

/**
 * The best schedule that differs from `best` in what goes into which fryer, or in which order: one dish in other fryers, or two
 * neighbours in a fryer the other way round. Whatever differs does one of these, so that nothing is left out.
 * @param most partial schedules to look at for each of them
 */
export function runnerUpOf(
  problem: EveningProblem,
  best: EveningSchedule,
  most = 500,
  isOver: () => boolean = () => false,
): EveningSchedule | null {
  const elsewhere = problem.dishes.map((dish): EveningProblem => {
    const fryers = fryersOf(best.ways.get(dish.id)!);
    const ways = dish.ways.filter((way) => fryersOf(way) !== fryers);
    return { ...problem, dishes: problem.dishes.map((one) => (one === dish ? { ...one, ways } : one)) };
  });
  const turned = problem.fryers.flatMap((fryer) => {
    const loads = fryerOrder(fryer, best.ways, best.begins);
    return loads.slice(1).flatMap((after, i): EveningProblem[] => {
      const before = loads[i]!;
      if (dishOf(before) === dishOf(after)) return [];
      return [{ ...problem, order: [...(problem.order ?? []), [after, before]] }];
    });
  });
  let found: EveningSchedule | null = null;
  for (const other of [...turned, ...elsewhere]) {
    if (other.dishes.some(({ ways }) => ways.length === 0)) continue;
    if (isOver()) break;
    const { combinations } = waysTogether(other);
    const { best: own } = search(other, combinations, { most, isOver }, found?.loss ?? Infinity);
    found = own ?? found;
  }
  return found;
}
