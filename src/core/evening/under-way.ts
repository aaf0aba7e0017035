import { fryersOf } from './way-id';
import type { DishWay, EveningProblem, EveningStep, Use } from './evening-problem';
import type { EveningRun, StepRun } from './evening-run';
import { EMPTYING } from './fried-ways';

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
    const length = lengthOf(step, run, now);
    return { ...step, length, endsWithin: undefined, uses: step.uses.map((use) => withEnd(use, step.length, length)) };
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

/** s that a step takes which has begun: as long as it took, else to the moment that was seen for it, else as planned. */
function lengthOf(step: EveningStep, { begun, done, due }: StepRun, now: number): number {
  if (done !== null) return (done - begun) / 1000;
  const planned = due === undefined ? step.length : (due - begun) / 1000 + EMPTYING;
  return Math.max(planned, (now - begun) / 1000 + STILL);
}

/** What a step takes, once the step ends at another time: deeds at its end move with it, what is taken all the while lasts as long, and the rest ends with it at the latest. */
function withEnd(use: Use, planned: number, length: number): Use {
  const isAtEnd = use.from + use.length >= planned - 1;
  if (isAtEnd && use.from > 0) return { ...use, from: Math.max(0, use.from + length - planned) };
  const from = Math.min(use.from, length);
  return { ...use, from, length: isAtEnd ? length - from : Math.max(0, Math.min(use.length, length - from)) };
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
