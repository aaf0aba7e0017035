import { createSeededRandom } from '../numeric/seeded-random';
import { arrangeEvening } from './arrange-evening';
import { fryerOrder } from './fryer-order';
import { runnerUpOf } from './runner-up';
import { type DishWay, type EveningProblem, type EveningSchedule, HANDS } from './evening-problem';
import { KEEPS, lossAfter, risingCurve } from './loss-curve';

const MINUTE = 60;

/** A fried dish: ten minutes on the board, then loads in a fryer; each minute of waiting costs `perMinute` points. */
function fried(id: string, fryer: string, minutes: number, perMinute: number, loads = 1): DishWay {
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

function problemOf(ways: Record<string, DishWay[]>, change: Partial<EveningProblem> = {}): EveningProblem {
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
function brokenRules(problem: EveningProblem, { ways, begins }: EveningSchedule): string[] {
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

test('what wilts fastest is fried last, and each load of it is counted', () => {
  const problem = problemOf({ chips: [fried('chips', 'A', 12, 1)], sticks: [fried('sticks', 'A', 18, 3)] });
  const { best, proved, orders } = arrangeEvening(problem);
  const runnerUp = runnerUpOf(problem, best!);
  expect(proved).toBe(true);
  expect(fryerOrder('A', best!.ways, best!.begins)).toEqual(['chips:load-1', 'sticks:load-1']);
  expect(brokenRules(problem, best!)).toEqual([]);
  /* the chips wait while the sticks fry, the other way round the sticks wait while the chips fry */
  const waited = (schedule: EveningSchedule) =>
    schedule.loss - (Math.max(...schedule.begins.values()) / 60) * (0.5 / 60);
  expect(waited(best!)).toBeCloseTo(18, 5);
  expect(fryerOrder('A', runnerUp!.ways, runnerUp!.begins)).toEqual(['sticks:load-1', 'chips:load-1']);
  expect(waited(runnerUp!)).toBeCloseTo(36, 5);
  expect(orders).toBe(2);
});

test('a second fryer is used where it saves waiting, and hands are never in two places', () => {
  const problem = problemOf({
    chips: [fried('chips', 'A', 12, 1), fried('chips', 'B', 14, 1)],
    sticks: [fried('sticks', 'A', 18, 3), fried('sticks', 'B', 20, 3)],
  });
  const { best, proved } = arrangeEvening(problem);
  expect(proved).toBe(true);
  expect(new Set([...best!.ways.values()].map(({ id }) => id)).size).toBe(2);
  expect(brokenRules(problem, best!)).toEqual([]);
  /* both cannot be taken out in the last minute by one pair of hands: the chips wait for one minute */
  expect(best!.loss).toBeLessThan(1.6);
  expect(arrangeEvening({ ...problem, capacity: { ...problem.capacity, [HANDS]: 2 } }).best!.loss).toBeLessThan(
    best!.loss - 0.9,
  );
});

test('most lags are kept, and what cannot be kept is said to be impossible', () => {
  const way = fried('chips', 'A', 12, 1);
  const fresh: DishWay = { ...way, lags: [{ before: 'chips:cut', after: 'chips:load-1', least: 0, most: 5 * MINUTE }] };
  const problem = problemOf({ chips: [fresh], sticks: [fried('sticks', 'A', 18, 3)] });
  expect(brokenRules(problem, arrangeEvening(problem).best!)).toEqual([]);
  /* 10 min on the board and 12 in the fryer do not go into 20 */
  const late = arrangeEvening(problemOf({ chips: [fresh] }, { earliest: 20 * MINUTE }));
  expect(late.best).toBeNull();
  expect(late.proved).toBe(true);
  expect(arrangeEvening(problemOf({ chips: [fresh] }, { earliest: 22 * MINUTE })).best).not.toBeNull();
});

test('what is begun stays where it is, and a chosen order is kept', () => {
  const ways = { chips: [fried('chips', 'A', 12, 1)], sticks: [fried('sticks', 'A', 18, 3)] };
  const begun = problemOf(ways, { fixed: new Map([['sticks:load-1', 40 * MINUTE]]) });
  const { best } = arrangeEvening(begun);
  expect(brokenRules(begun, best!)).toEqual([]);
  expect(best!.begins.get('sticks:load-1')).toBe(40 * MINUTE);
  const ordered = problemOf(ways, { order: [['sticks:load-1', 'chips:load-1']] });
  const other = arrangeEvening(ordered).best!;
  expect(fryerOrder('A', other.ways, other.begins)).toEqual(['sticks:load-1', 'chips:load-1']);
});

test('what keeps warm in the oven until it is served keeps the oven taken', () => {
  const kept: DishWay = {
    ...fried('chips', 'A', 12, 0),
    steps: [
      {
        id: 'chips:load-1',
        kind: 'load',
        length: 12 * MINUTE,
        uses: [
          { resource: 'A', from: 0, length: 12 * MINUTE },
          { resource: 'oven', from: 12 * MINUTE, length: Infinity },
        ],
      },
    ],
    lags: [],
  };
  const roast: DishWay = {
    id: 'oven',
    steps: [
      { id: 'roast:in', kind: 'own', length: 30 * MINUTE, uses: [{ resource: 'oven', from: 0, length: 30 * MINUTE }] },
    ],
    lags: [],
    waiting: [{ step: 'roast:in', from: 30 * MINUTE, loss: KEEPS }],
    loss: 0,
  };
  const problem = problemOf({ chips: [kept], roast: [roast] }, { capacity: { A: 1, B: 1, oven: 1 } });
  const { best } = arrangeEvening(problem);
  expect(brokenRules(problem, best!)).toEqual([]);
  expect(best!.begins.get('roast:in')! - 30 * MINUTE).toBeGreaterThanOrEqual(
    best!.begins.get('chips:load-1')! - 12 * MINUTE,
  );
});

/** The least loss of some loads in one fryer by trying every order, hands left aside. */
function bruteForce(loads: readonly { minutes: number; perMinute: number }[]): number {
  if (loads.length === 0) return 0;
  let least = Infinity;
  const walk = (left: readonly (typeof loads)[number][], after: number, loss: number, start: number) => {
    if (left.length === 0) least = Math.min(least, loss + ((start + 10) * 0.5) / 60);
    for (const last of left) {
      const curve = risingCurve(MINUTE, [0, last.perMinute]);
      walk(
        left.filter((one) => one !== last),
        after + last.minutes,
        loss + lossAfter(curve, after * MINUTE),
        after + last.minutes,
      );
    }
  };
  walk(loads, 0, 0, 0);
  return least;
}

test('twenty evenings of one fryer: as good as the best of all orders, within what nobody tastes', () => {
  const random = createSeededRandom(7);
  const whole = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));
  for (let evening = 0; evening < 20; evening++) {
    const loads = Array.from({ length: whole(2, 5) }, () => ({ minutes: whole(8, 25), perMinute: whole(1, 40) / 10 }));
    const problem = problemOf(
      Object.fromEntries(
        loads.map(({ minutes, perMinute }, i) => [`d${i}`, [fried(`d${i}`, 'A', minutes, perMinute)]]),
      ),
      { capacity: { A: 1, B: 1 } },
    );
    const { best, proved, bound } = arrangeEvening(problem);
    expect(proved).toBe(true);
    expect(brokenRules(problem, best!)).toEqual([]);
    const least = bruteForce(loads);
    expect(best!.loss).toBeGreaterThanOrEqual(least - 1e-6);
    expect(best!.loss).toBeLessThanOrEqual(least + 0.1);
    expect(bound).toBeLessThanOrEqual(best!.loss);
  }
});

test('random evenings with hands and two fryers break no rule, and what is not proved has its bound', () => {
  const random = createSeededRandom(11);
  const whole = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));
  for (let evening = 0; evening < 12; evening++) {
    const dishes = Object.fromEntries(
      Array.from({ length: whole(2, 4) }, (_, i) => {
        const [minutes, perMinute, loads] = [whole(8, 22), whole(1, 40) / 10, whole(1, 2)];
        return [`d${i}`, ['A', 'B'].map((fryer) => fried(`d${i}`, fryer, minutes, perMinute, loads))];
      }),
    );
    const problem = problemOf(dishes);
    const { best, bound } = arrangeEvening(problem, 3000);
    const runnerUp = runnerUpOf(problem, best!);
    expect(brokenRules(problem, best!)).toEqual([]);
    expect(bound).toBeLessThanOrEqual(best!.loss + 1e-9);
    if (runnerUp) {
      expect(brokenRules(problem, runnerUp)).toEqual([]);
      expect(runnerUp.loss).toBeGreaterThanOrEqual(bound - 1e-9);
    }
  }
});

/** A dish with all that one has: board, a soak that waits, drying, loads with a shake, and hands for each. */
function whole(id: string, fryer: string, minutes: number, perMinute: number, loads: number): DishWay {
  const way = fried(id, fryer, minutes, perMinute, loads);
  const soak = { id: `${id}:soak`, kind: 'soak' as const, length: 20 * MINUTE, uses: handsFor(MINUTE) };
  const dry = { id: `${id}:dry`, kind: 'dry' as const, length: 4 * MINUTE, uses: handsFor(4 * MINUTE) };
  const shaken = (uses: DishWay['steps'][number]['uses']) => [
    ...uses,
    { resource: HANDS, from: 5 * MINUTE, length: MINUTE },
  ];
  return {
    ...way,
    steps: [way.steps[0]!, soak, dry, ...way.steps.slice(1).map((load) => ({ ...load, uses: shaken(load.uses) }))],
    lags: [
      { before: `${id}:cut`, after: soak.id, least: 0, most: 15 * MINUTE },
      { before: soak.id, after: dry.id, least: 0, most: 120 * MINUTE },
      { before: dry.id, after: `${id}:load-1`, least: 0, most: 15 * MINUTE },
      ...way.lags.slice(1),
    ],
  };
}

const handsFor = (length: number) => [{ resource: HANDS, from: 0, length }];

test('four large dishes and one pair of hands are proved by a look at few of their orders', () => {
  const random = createSeededRandom(5);
  const between = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));
  for (let n = 0; n < 6; n++) {
    const ways = Object.fromEntries(
      ['a', 'b', 'c', 'd'].map((id) => {
        const [minutes, perMinute] = [between(10, 25), between(1, 6) / 2];
        return [id, [whole(id, 'A', minutes, perMinute, between(1, 2)), whole(id, 'B', minutes + 2, perMinute, 2)]];
      }),
    );
    const problem = problemOf(ways);
    const { best, proved } = arrangeEvening(problem, 250);
    expect({ n, proved }).toEqual({ n, proved: true });
    expect(brokenRules(problem, best!)).toEqual([]);
  }
});

test('a clock that has run out ends the search only once there is a schedule', () => {
  const problem = problemOf({ chips: [fried('chips', 'A', 12, 1)], sticks: [fried('sticks', 'A', 18, 3)] });
  const { best, proved, bound } = arrangeEvening(problem, 40_000, () => true);
  expect(brokenRules(problem, best!)).toEqual([]);
  expect(proved).toBe(false);
  expect(bound).toBeLessThan(best!.loss);
});

test('two steps that are pinned into the same hands are impossible; two that were begun so are not', () => {
  const ways = { chips: [fried('chips', 'A', 12, 1)], sticks: [fried('sticks', 'A', 18, 3)] };
  const fixed = new Map([
    ['chips:cut', 60 * MINUTE],
    ['sticks:cut', 55 * MINUTE],
  ]);
  const pinned = arrangeEvening(problemOf(ways, { fixed }));
  expect(pinned.best).toBeNull();
  expect(pinned.proved).toBe(true);
  const begun = arrangeEvening(problemOf(ways, { fixed, begun: new Set(fixed.keys()) })).best;
  expect(begun!.begins.get('sticks:cut')).toBe(55 * MINUTE);
});

test('what is pinned is gone round by all others', () => {
  const problem = problemOf(
    { chips: [fried('chips', 'A', 12, 1)], sticks: [fried('sticks', 'B', 18, 3)] },
    { fixed: new Map([['chips:load-1', 25 * MINUTE]]) },
  );
  const { best } = arrangeEvening(problem);
  expect(best!.begins.get('chips:load-1')).toBe(25 * MINUTE);
  expect(brokenRules(problem, best!)).toEqual([]);
});
