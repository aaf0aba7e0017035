import { arrangeEvening } from './arrange-evening';
import { TABLE } from './table-way';
import { type EveningProblem, HANDS } from './evening-problem';

/** A wish that could be given up where not all can be kept. */
export type WayOut =
  /** serve later by so much, s */
  | { readonly give: 'time'; readonly by: number }
  /** another pair of hands */
  | { readonly give: 'hands' }
  /** what was pinned */
  | { readonly give: 'pins' }
  /** one dish less */
  | { readonly give: 'dish'; readonly dish: string };

/** Steps in which serving is put off, and how far, s. Source: chosen, as a cook would say it. */
const MINUTE = 60;
const FARTHEST = 6 * 3600;

/** Partial schedules for each question. Source: numerics; whether there is one at all is found soon. */
const LOOKS = 400;

const isPossible = (problem: EveningProblem) => arrangeEvening(problem, LOOKS).best !== null;

/** The problem with serving put off by `by` s; what is fixed stays at its hour. */
export function servedLater(problem: EveningProblem, by: number): EveningProblem {
  return {
    ...problem,
    earliest: problem.earliest + by,
    fixed: new Map([...problem.fixed].map(([step, at]) => [step, at + by])),
  };
}

/** How much later it can be served, to the minute, s; null where that does not help either. */
export function leastDelay(problem: EveningProblem): number | null {
  if (isPossible(problem)) return 0;
  if (!isPossible(servedLater(problem, FARTHEST))) return null;
  let [no, yes] = [0, FARTHEST / MINUTE];
  while (yes - no > 1) {
    const middle = Math.floor((no + yes) / 2);
    if (isPossible(servedLater(problem, middle * MINUTE))) yes = middle;
    else no = middle;
  }
  return yes * MINUTE;
}

/** What could be given up so that the rest can be kept, each by itself; for an evening that cannot be as it is. */
export function waysOut(problem: EveningProblem): WayOut[] {
  const found: WayOut[] = [];
  const by = leastDelay(problem);
  if (by !== null) found.push({ give: 'time', by });
  const hands = problem.capacity[HANDS] ?? 1;
  if (isPossible({ ...problem, capacity: { ...problem.capacity, [HANDS]: hands + 1 } })) found.push({ give: 'hands' });
  if (problem.fixed.size > 0 && isPossible({ ...problem, fixed: new Map() })) found.push({ give: 'pins' });
  for (const { id } of problem.dishes.filter((dish) => dish.id !== TABLE)) {
    const without = { ...problem, dishes: problem.dishes.filter((dish) => dish.id !== id) };
    if (without.dishes.some((dish) => dish.id !== TABLE) && isPossible(without)) found.push({ give: 'dish', dish: id });
  }
  return found;
}
