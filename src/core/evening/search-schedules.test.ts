import { brokenRules, fried, MINUTE, problemOf } from '../../../tests/support/made-up-evening';
import { createSeededRandom } from '../numeric/seeded-random';
import { arrangeEvening } from './arrange-evening';
import { type DishWay, HANDS } from './evening-problem';
import { lossAfter, risingCurve } from './loss-curve';
import { runnerUpOf } from './runner-up';

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
function thoroughDish(id: string, fryer: string, minutes: number, perMinute: number, loads: number): DishWay {
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
        return [
          id,
          [thoroughDish(id, 'A', minutes, perMinute, between(1, 2)), thoroughDish(id, 'B', minutes + 2, perMinute, 2)],
        ];
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
