import type { DishWay, EveningProblem } from './evening-problem';

/** The steps of one fryer in the order done. */
export function fryerOrder(
  fryer: string,
  ways: ReadonlyMap<string, DishWay>,
  begins: ReadonlyMap<string, number>,
): string[] {
  return [...ways.values()]
    .flatMap((way) => way.steps)
    .filter(({ uses }) => uses.some(({ resource }) => resource === fryer))
    .map(({ id }) => id)
    .sort((a, b) => begins.get(b)! - begins.get(a)!);
}

/** Orders in which the fryers could be filled by these ways: loads of one dish follow one another in theirs. */
export function ordersOf(problem: EveningProblem, ways: readonly DishWay[]): number {
  return problem.fryers.reduce((product, fryer) => {
    const counts = ways.map(
      (way) => way.steps.filter(({ uses }) => uses.some(({ resource }) => resource === fryer)).length,
    );
    let total = 0;
    let orders = 1;
    for (const count of counts) {
      for (let i = 1; i <= count; i++) orders = (orders * (total + i)) / i;
      total += count;
    }
    return product * orders;
  }, 1);
}
