import { fryersOf } from './way-id';
import type { DishWay, EveningProblem, EveningStep } from './evening-problem';
import type { EveningRun } from './evening-run';

/** The least that a step which is begun and not done still takes, s. Source: chosen. */
const STILL = 30;

/** s of a wait that turned out longer than it should, by the step after which it was. */
export type Overdue = ReadonlyMap<string, number>;

/**
 * The problem as it stands in mid-evening: what is done or begun stays where it is, with the length it has had so far at the least; the
 * rest begins now or later. A dish that is in a fryer stays there. A wait that has become too long is not a reason for giving up; the
 * cook is told of it instead.
 * @param serveAt @param now ms since 1970
 */
export function underWay(
  problem: EveningProblem,
  { steps, fryers }: Pick<EveningRun, 'steps' | 'fryers'>,
  serveAt: number,
  now: number,
): EveningProblem {
  const earliest = (serveAt - now) / 1000;
  const fixed = new Map(pinsToCome(problem.fixed, earliest));
  for (const [id, { begun }] of steps) fixed.set(id, (serveAt - begun) / 1000);
  const lasts = (step: EveningStep): EveningStep => {
    const run = steps.get(step.id);
    if (!run) return step;
    const length =
      run.done === null ? Math.max(step.length, (now - run.begun) / 1000 + STILL) : (run.done - run.begun) / 1000;
    return {
      ...step,
      length,
      endsWithin: undefined,
      /* hands are free again once it is done, and what is taken until serving stays taken */
      uses: step.uses.map((use) =>
        Number.isFinite(use.length)
          ? use.from + use.length >= step.length - 1
            ? { ...use, from: Math.min(use.from, length), length: Math.max(0, length - use.from) }
            : { ...use, from: Math.min(use.from, length), length: Math.max(0, Math.min(use.length, length - use.from)) }
          : { ...use, from: Math.min(use.from, length) },
      ),
    };
  };
  const onItsWay = (way: DishWay): DishWay => ({
    ...way,
    steps: way.steps.map(lasts),
    lags: way.lags.map((lag) =>
      steps.has(lag.before) ? { ...lag, least: steps.has(lag.after) ? -Infinity : lag.least, most: Infinity } : lag,
    ),
    waiting: way.waiting.map((one) => {
      const own = way.steps.find(({ id }) => id === one.step)!;
      const run = steps.get(one.step);
      return run ? { ...one, from: one.from + lasts(own).length - own.length } : one;
    }),
  });
  return {
    ...problem,
    earliest,
    fixed,
    begun: new Set(steps.keys()),
    dishes: problem.dishes.map((dish) => {
      const kept = fryers.get(dish.id);
      const ways = kept === undefined ? dish.ways : dish.ways.filter((way) => fryersOf(way) === kept);
      return { ...dish, ways: (ways.length > 0 ? ways : dish.ways).map(onItsWay) };
    }),
  };
}

/** Pins whose moment is still to come; one that has passed without its step being begun holds nothing any more. @param earliest s before serving by now */
export function pinsToCome(fixed: ReadonlyMap<string, number>, earliest: number): [string, number][] {
  return [...fixed].filter(([, at]) => at <= earliest);
}

/** Waits that are longer than they should be by now, s beyond. @param ways as they were planned @param now ms since 1970 */
export function overdueWaits(ways: Iterable<DishWay>, { steps }: Pick<EveningRun, 'steps'>, now: number): Overdue {
  const overdue = new Map<string, number>();
  for (const { before, after, most } of [...ways].flatMap((way) => way.lags)) {
    const done = steps.get(before)?.done;
    if (done == null || !Number.isFinite(most)) continue;
    const until = steps.get(after)?.begun ?? now;
    const beyond = (until - done) / 1000 - most;
    if (beyond > 0) overdue.set(before, beyond);
  }
  return overdue;
}
