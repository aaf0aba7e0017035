import { brokenRules, fried, MINUTE, problemOf } from '../../../tests/support/made-up-evening';
import { arrangeEvening } from './arrange-evening';
import { fryerOrder } from './fryer-order';
import { runnerUpOf } from './runner-up';
import { type DishWay, type EveningSchedule, HANDS } from './evening-problem';
import { KEEPS } from './loss-curve';

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
