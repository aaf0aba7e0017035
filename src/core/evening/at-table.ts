import { keepOf } from './way-id';
import type { DishWay } from './evening-problem';
import type { Keeping } from './waiting-loss';

/** How a fried dish is when it is served. */
export interface AtTable {
  /** bite over that at the drawer, weighed by its loads; over 1 where it dried on */
  readonly kept: number;
  /** K of the hearts, weighed likewise */
  readonly heart: number;
  /** s since the last of it was done */
  readonly since: number;
}

/** A fryer's part in a dish, as far as it matters at the table. */
export interface ServedFrom {
  readonly fryer: string;
  readonly loads: readonly { readonly share: number }[];
  readonly rack: Keeping;
  readonly oven: Keeping;
  readonly refreshed: number;
  readonly heartRefreshed: number;
}

function valueAt(values: readonly number[], interval: number, time: number): number {
  const at = Math.min(values.length - 1, Math.max(0, time) / interval);
  const from = Math.min(Math.floor(at), values.length - 2);
  return values[from]! + (values[from + 1]! - values[from]!) * (at - from);
}

/**
 * How a dish made in this way is at the table, by the waits that the schedule gives it.
 * @param fried the dish in each fryer, by the fryer @param begins s before serving of each step
 */
export function atTable(way: DishWay, fried: readonly ServedFrom[], begins: ReadonlyMap<string, number>): AtTable {
  const keep = keepOf(way);
  const waits = way.waiting.map(({ step, from }) => Math.max(0, begins.get(step)! - from));
  const since = Math.min(...waits);
  const inFryer = (step: string) => {
    const uses = way.steps.find(({ id }) => id === step)!.uses;
    return fried.find(({ fryer }) => uses.some(({ resource }) => resource === fryer))!;
  };
  if (keep === 'back') {
    const { rack, refreshed, heartRefreshed } = inFryer(way.waiting[0]!.step);
    const cooled = valueAt(rack.hearts, rack.interval, since) - rack.hearts[0]!;
    return {
      kept: refreshed * valueAt(rack.kept, rack.interval, since),
      heart: heartRefreshed + cooled,
      since,
    };
  }
  let [kept, heart] = [0, 0];
  way.waiting.forEach(({ step }, i) => {
    const { loads, rack, oven } = inFryer(step);
    const keeping = keep === 'oven' ? oven : rack;
    const { share } = loads[i]!;
    kept += share * valueAt(keeping.kept, keeping.interval, waits[i]!);
    heart += share * valueAt(keeping.hearts, keeping.interval, waits[i]!);
  });
  return { kept, heart, since };
}
