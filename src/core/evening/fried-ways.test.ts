import type { PrepTask } from '../prep/prep-tasks';
import { atTable } from './at-table';
import { arrangeEvening } from './arrange-evening';
import { type DishWork, type FriedDish, friedWays } from './fried-ways';
import { fryersOf, keepOf } from './way-id';
import { OVEN } from './places';
import { ownWay } from './own-way';
import { SERVE, serveWay } from './table-way';
import { HANDS } from './evening-problem';
import { lossAfter } from './loss-curve';
import { waitingLoss } from './waiting-loss';

const MINUTE = 60;
const WORK: DishWork = {
  id: 'chips',
  board: 6 * MINUTE,
  tasks: [
    { kind: 'soak', duration: 30 * MINUTE },
    { kind: 'dry', duration: 3 * MINUTE, method: 'towel' },
    { kind: 'preheat', duration: 4 * MINUTE },
  ] as PrepTask[],
  toTable: 0,
};
/** Half the bite is gone after ten minutes on a rack; the oven keeps it. */
const fried = (fryer: string, loads: number, pull = 15 * MINUTE): FriedDish => ({
  fryer,
  loads: Array.from({ length: loads }, () => ({
    share: 1 / loads,
    pull,
    openings: [{ time: 8 * MINUTE, hands: 30, action: 'shake' as const }],
  })),
  right: 0.9,
  rack: { interval: 600, kept: [1, 0.5, 0.2], hearts: [360, 330, 310] },
  oven: { interval: 600, kept: [1, 1, 1.3], hearts: [365, 365, 365] },
  refreshed: 0.9,
  heartRefreshed: 370,
});

test('a dish goes in each fryer, in both by turns where it has several loads, and waits in each place that is there', () => {
  const ways = friedWays(WORK, [fried('A', 2), fried('B', 2)], true);
  expect(ways.map(({ id }) => id)).toEqual([
    'A rack',
    'A oven',
    'A back',
    'B rack',
    'B oven',
    'B back',
    'A+B rack',
    'A+B oven',
  ]);
  expect(ways.map(fryersOf)).toContain('A+B');
  expect(ways.map(keepOf)).toContain('back');
  expect(friedWays(WORK, [fried('A', 1), fried('B', 1)], false).map(({ id }) => id)).toEqual([
    'A rack',
    'A back',
    'B rack',
    'B back',
  ]);
});

test('what waits has hands only for setting it up; the preheat is no step of a dish; each load takes hands when filled, opened, emptied', () => {
  const [rack] = friedWays(WORK, [fried('A', 2)], false);
  expect(rack!.steps.map(({ id }) => id)).toEqual([
    'chips:board',
    'chips:soak-1',
    'chips:dry-2',
    'chips:load-1',
    'chips:load-2',
  ]);
  const handsOf = (id: string) =>
    rack!.steps.find((step) => step.id === id)!.uses.filter(({ resource }) => resource === HANDS);
  expect(handsOf('chips:soak-1')).toEqual([{ resource: HANDS, from: 0, length: 60 }]);
  expect(handsOf('chips:load-1').map(({ from, deed }) => [from, deed])).toEqual([
    [0, 'fill'],
    [60 + 8 * MINUTE, 'shake'],
    [60 + 15 * MINUTE, 'empty'],
  ]);
  /* under water two hours do nothing, towelled ones must go on within a quarter of an hour */
  const most = (before: string) => rack!.lags.find((lag) => lag.before === before)!.most;
  expect([most('chips:soak-1'), most('chips:dry-2')]).toEqual([7200, 900]);
});

test('at the table a dish has what its waits leave of it', () => {
  const dishes = [fried('A', 2)];
  const [rack, oven, back] = friedWays(WORK, dishes, true);
  const begins = new Map([
    ['chips:load-1', 60 + 15 * MINUTE + 600],
    ['chips:load-2', 60 + 15 * MINUTE],
    ['chips:back', 240 + 600],
  ]);
  expect(atTable(rack!, dishes, begins)).toEqual({ kept: 0.75, heart: 345, since: 0 });
  expect(atTable(oven!, dishes, begins)).toMatchObject({ kept: 1, heart: 365 });
  const again = atTable(back!, dishes, begins);
  expect(again.kept).toBeCloseTo(0.9 * 0.5);
  expect(again.heart).toBeCloseTo(370 - 30);
});

test('the loss of a wait is that of bite and warmth; what dries on is no better for it', () => {
  const { rack, oven } = fried('A', 1);
  expect(lossAfter(waitingLoss(rack), 600)).toBe(50);
  /* after twenty minutes it is lukewarm as well */
  expect(lossAfter(waitingLoss(rack), 1200)).toBeGreaterThan(95);
  expect(lossAfter(waitingLoss(oven), 600)).toBe(0);
  expect(lossAfter(waitingLoss(oven), 1200)).toBeCloseTo(10);
  expect(lossAfter(waitingLoss(rack, 0.5), 600)).toBeCloseTo(lossAfter(waitingLoss(rack), 600) / 2);
});

test('a dish of one’s own keeps its lags; what bakes has the oven to itself', () => {
  const way = ownWay(
    'gratin',
    [
      { hands: 300, waits: 0, place: null, most: 600 },
      { hands: 60, waits: 1800, place: OVEN, most: Infinity },
    ],
    'hot',
    2,
  );
  const { best } = arrangeEvening({
    dishes: [
      { id: 'gratin', ways: [way] },
      { id: 'chips', ways: friedWays(WORK, [fried('A', 1)], true).filter((one) => keepOf(one) === 'oven') },
    ],
    capacity: { [HANDS]: 1, [OVEN]: 2, A: 1 },
    fryers: ['A'],
    earliest: Infinity,
    fixed: new Map(),
  });
  const out = best!.begins.get('gratin:own-2')! - 1860;
  const kept = best!.begins.get('chips:load-1')! - 60 - 15 * MINUTE;
  expect(out).toBeGreaterThanOrEqual(kept - 1);
});

test('an evening ends with all hands bringing everything to the table; no food is left to come after that', () => {
  const ways = friedWays(WORK, [fried('A', 1)], false).filter((one) => keepOf(one) === 'rack');
  const { best } = arrangeEvening({
    dishes: [
      { id: 'chips', ways },
      { id: 'evening', ways: [serveWay(6, 2)] },
    ],
    capacity: { [HANDS]: 2, A: 1 },
    fryers: ['A'],
    earliest: Infinity,
    fixed: new Map(),
  });
  expect(best!.begins.get(SERVE)).toBe(60);
  /* emptied before both cooks carry */
  expect(best!.begins.get('chips:load-1')! - 15 * MINUTE - 90).toBeGreaterThanOrEqual(60);
  expect(serveWay(6, 1).steps[0]!.length).toBe(120);
});
