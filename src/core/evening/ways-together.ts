import type { DishWay, EveningProblem } from './evening-problem';
import { lossOf, prepare } from './prepared-ways';

/** Most ways of all dishes together that are tried. Source: numerics; beyond, the best are tried and nothing is proved. */
const MOST_WAYS = 20_000;

/** One way of each dish. */
export interface Combination {
  readonly ways: readonly DishWay[];
  /** no schedule of these loses less */
  readonly bound: number;
}

/** One way of each dish, in every way, those that can lose least first. */
export function waysTogether(problem: EveningProblem): { combinations: Combination[]; complete: boolean } {
  const alone = problem.dishes.map(({ ways }) =>
    ways
      .flatMap((way) => {
        const prepared = prepare(problem, [way]);
        return prepared ? [{ way, loss: lossOf(prepared, prepared.network.times) }] : [];
      })
      .sort((a, b) => a.loss - b.loss),
  );
  const all = alone.reduce((product, { length }) => product * length, 1);
  const each = all <= MOST_WAYS ? Infinity : Math.max(1, Math.floor(MOST_WAYS ** (1 / problem.dishes.length)));
  let together: { ways: DishWay[]; bound: number }[] = [{ ways: [], bound: 0 }];
  for (const dish of alone) {
    together = together.flatMap(({ ways, bound }) =>
      dish.slice(0, each).map(({ way, loss }) => ({ ways: [...ways, way], bound: bound + loss })),
    );
  }
  /* the minutes of an early beginning were counted for each dish and are had once */
  const combinations = together
    .map(({ ways }) => {
      const prepared = prepare(problem, ways);
      return { ways, bound: prepared ? lossOf(prepared, prepared.network.times) : Infinity };
    })
    .filter(({ bound }) => bound < Infinity)
    .sort((a, b) => a.bound - b.bound);
  return { combinations, complete: all <= MOST_WAYS };
}
