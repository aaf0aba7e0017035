import { type DishWay, type EveningProblem, type EveningSchedule, HANDS } from '@/core/evening/evening-problem';
import { risingCurve } from '@/core/evening/loss-curve';

/** s */
export const MINUTE = 60;

/** A fried dish: ten minutes on the board, then loads in a fryer; each minute of waiting costs `perMinute` points. */
export function fried(id: string, fryer: string, minutes: number, perMinute: number, loads = 1): DishWay {
  const load = (n: number) => `${id}:load-${n}`;
  const numbers = Array.from({ length: loads }, (_, i) => i + 1);
  return {
    id: fryer,
    steps: [
      {
        id: `${id}:cut`,
        kind: 'board',
        length: 10 * MINUTE,
        uses: [{ resource: HANDS, from: 0, length: 10 * MINUTE }],
      },
      ...numbers.map((n) => ({
        id: load(n),
        kind: 'load' as const,
        length: minutes * MINUTE,
        uses: [
          { resource: fryer, from: 0, length: minutes * MINUTE },
          { resource: HANDS, from: 0, length: MINUTE },
          { resource: HANDS, from: (minutes - 1) * MINUTE, length: MINUTE },
        ],
      })),
    ],
    lags: [
      { before: `${id}:cut`, after: load(1), least: 0, most: Infinity },
      ...numbers.slice(1).map((n) => ({ before: load(n - 1), after: load(n), least: 0, most: Infinity })),
    ],
    waiting: numbers.map((n) => ({
      step: load(n),
      from: minutes * MINUTE,
      loss: risingCurve(MINUTE, [0, perMinute / loads]),
    })),
    loss: 0,
  };
}

/** One pair of hands and two fryers, unless changed. */
export function problemOf(ways: Record<string, DishWay[]>, change: Partial<EveningProblem> = {}): EveningProblem {
  return {
    dishes: Object.entries(ways).map(([id, own]) => ({ id, ways: own })),
    capacity: { [HANDS]: 1, A: 1, B: 1 },
    fryers: ['A', 'B'],
    earliest: Infinity,
    fixed: new Map(),
    ...change,
  };
}

/** Every rule of the problem, looked at anew from the schedule alone. */
export function brokenRules(problem: EveningProblem, { ways, begins }: EveningSchedule): string[] {
  const broken: string[] = [];
  const steps = [...ways.values()].flatMap((way) => way.steps);
  const end = (id: string) => begins.get(id)! - steps.find((step) => step.id === id)!.length;
  for (const { id } of steps) {
    if (end(id) < -1e-6) broken.push(`${id} ends after serving`);
    if (begins.get(id)! > problem.earliest + 1e-6) broken.push(`${id} begins too early`);
    const fixed = problem.fixed.get(id);
    if (fixed !== undefined && Math.abs(fixed - begins.get(id)!) > 1e-6) broken.push(`${id} was moved`);
  }
  for (const { before, after, least, most } of [...ways.values()].flatMap((way) => way.lags)) {
    const lag = end(before) - begins.get(after)!;
    if (lag < least - 1e-6 || lag > most + 1e-6) broken.push(`${before} → ${after}: ${lag} s`);
  }
  const moments = steps.flatMap(({ id, uses }) => uses.map(({ from }) => begins.get(id)! - from - 1));
  for (const [resource, capacity] of Object.entries(problem.capacity)) {
    for (const moment of moments) {
      const taken = steps.flatMap(({ id, uses }) =>
        uses
          .filter((use) => use.resource === resource)
          .filter(({ from, length }) => {
            const begin = begins.get(id)! - from;
            return begin > moment && (length === Infinity ? 0 : begin - length) <= moment;
          })
          .map(({ amount = 1 }) => amount),
      );
      if (taken.reduce((sum, one) => sum + one, 0) > capacity) broken.push(`too much ${resource} at ${moment}`);
    }
  }
  return broken;
}
