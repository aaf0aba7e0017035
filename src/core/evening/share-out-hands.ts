import { type DrawerDeed, type EveningStep, HANDS } from './evening-problem';
import { dishOf } from './evening-run';

/** A stretch of work and who does it. */
export interface Work {
  readonly step: string;
  /** s before serving */
  readonly from: number;
  readonly to: number;
  /** the cook, from 0 on */
  readonly cook: number;
  /** what is done at the drawer, where it is that */
  readonly deed?: DrawerDeed;
}

/** Most assignments tried where some steps have their own cook. Source: numerics. */
const MOST_TRIES = 20_000;

interface Stretch {
  readonly step: string;
  readonly from: number;
  readonly to: number;
  readonly only: number | undefined;
  readonly deed: DrawerDeed | undefined;
}

/**
 * Who does what: no cook in two places, steps that belong to one cook with that one, and each dish as far as can be with whoever had it
 * last; of several, whoever has been free for longest.
 * @param begins s before serving @param own the cook of a step, where it has one
 * @param settled steps that are begun or done: they are given to someone, whoever was busy meanwhile
 * @returns in the order done; null where the steps that have their own cook leave nobody free for another
 */
export function shareOutHands(
  steps: readonly EveningStep[],
  begins: ReadonlyMap<string, number>,
  cooks: number,
  own: ReadonlyMap<string, number>,
  settled: ReadonlySet<string> = new Set(),
): Work[] | null {
  const stretches = steps
    .flatMap(({ id, uses }) =>
      uses
        .filter(({ resource, length }) => resource === HANDS && length > 0)
        .flatMap(({ from, length, deed, amount = 1 }): Stretch[] => {
          const begin = begins.get(id)! - from;
          /* what takes several pairs of hands is work for each of them */
          return new Array<Stretch>(amount).fill({
            step: id,
            from: begin,
            to: begin - length,
            only: own.get(id),
            deed,
          });
        }),
    )
    .sort((a, b) => b.from - a.from || a.to - b.to);
  const freeFrom = new Array<number>(cooks).fill(Infinity);
  const lastOf = new Map<string, number>();
  const work: Work[] = [];
  let tries = 0;
  const give = (at: number): boolean => {
    const stretch = stretches[at];
    if (!stretch) return true;
    if (++tries > MOST_TRIES) return false;
    const dish = dishOf(stretch.step);
    const before = lastOf.get(dish);
    const all = freeFrom.map((from, cook) => ({ from, cook }));
    const free = all
      .filter(({ from, cook }) => from >= stretch.from - 1e-6 && (stretch.only ?? cook) === cook)
      .sort((a, b) => Number(b.cook === before) - Number(a.cook === before) || b.from - a.from || a.cook - b.cook);
    if (free.length === 0 && settled.has(stretch.step)) free.push(all.toSorted((a, b) => b.from - a.from)[0]!);
    for (const { from, cook } of free) {
      freeFrom[cook] = Math.min(from, stretch.to);
      lastOf.set(dish, cook);
      work.push({ step: stretch.step, from: stretch.from, to: stretch.to, cook, deed: stretch.deed });
      if (give(at + 1)) return true;
      work.pop();
      freeFrom[cook] = from;
      if (before === undefined) lastOf.delete(dish);
      else lastOf.set(dish, before);
    }
    return false;
  };
  return give(0) ? work : null;
}
