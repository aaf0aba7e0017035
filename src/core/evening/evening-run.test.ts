import { eveningRun, type EveningTold } from './evening-run';
import { overdueWaits, underWay } from './under-way';
import { type DishWay, type EveningProblem, HANDS } from './evening-problem';
import { arrangeEvening } from './arrange-evening';
import { risingCurve } from './loss-curve';

const begun = (step: string, happenedAt: number, fryers?: string): EveningTold => ({
  kind: 'begun',
  happenedAt,
  detail: { step, ...(fryers ? { fryers } : {}) },
});
const told = (kind: 'done' | 'taken-back', step: string, happenedAt: number): EveningTold => ({
  kind,
  happenedAt,
  detail: { step },
});

test('what two cooks tell of one step stands once, in the order in which it happened', () => {
  const run = eveningRun([told('done', 'chips:board', 500), begun('chips:board', 100), begun('chips:board', 200)]);
  expect(run.steps.get('chips:board')).toEqual({ begun: 100, done: 500 });
  expect(eveningRun([told('done', 'a:b', 70)]).steps.get('a:b')).toEqual({ begun: 70, done: 70 });
});

test('taking back undoes the last word of a step: first that it is done, then that it is begun', () => {
  const events = [begun('a:b', 1), told('done', 'a:b', 2), told('taken-back', 'a:b', 3)];
  expect(eveningRun(events).steps.get('a:b')).toEqual({ begun: 1, done: null });
  expect(eveningRun([...events, told('taken-back', 'a:b', 4)]).steps.has('a:b')).toBe(false);
});

test('a load says in which fryer it lies, and serving moves to the last hour that was said', () => {
  const run = eveningRun([
    begun('chips:load-1', 5, 'fryer:x'),
    { kind: 'serve-at', happenedAt: 9, detail: { at: 99 } },
    { kind: 'serve-at', happenedAt: 8, detail: { at: 88 } },
  ]);
  expect(run.fryers.get('chips')).toBe('fryer:x');
  expect(run.serveAt).toBe(99);
});

const MINUTE = 60;
const wayIn = (fryer: string): DishWay => ({
  id: `${fryer} rack`,
  steps: [
    {
      id: 'chips:board',
      kind: 'board',
      length: 10 * MINUTE,
      uses: [{ resource: HANDS, from: 0, length: 10 * MINUTE }],
    },
    {
      id: 'chips:load-1',
      kind: 'load',
      length: 15 * MINUTE,
      uses: [{ resource: fryer, from: 0, length: 15 * MINUTE }],
    },
  ],
  lags: [{ before: 'chips:board', after: 'chips:load-1', least: 0, most: 5 * MINUTE }],
  waiting: [{ step: 'chips:load-1', from: 15 * MINUTE, loss: risingCurve(MINUTE, [0, 2]) }],
  loss: 0,
});
const problem: EveningProblem = {
  dishes: [{ id: 'chips', ways: [wayIn('A'), wayIn('B')] }],
  capacity: { [HANDS]: 1, A: 1, B: 1 },
  fryers: ['A', 'B'],
  earliest: Infinity,
  fixed: new Map(),
};
const SERVE = 10_000_000;
const at = (minutesBefore: number) => SERVE - minutesBefore * 60_000;

test('what takes longer moves what follows; what is done stays, and hands are free again', () => {
  const run = eveningRun([begun('chips:board', at(40))]);
  const { best } = arrangeEvening(underWay(problem, run, SERVE, at(22)));
  expect(best!.begins.get('chips:board')).toBe(40 * MINUTE);
  /* still on the board after 18 min: loaded not before it is done */
  expect(best!.begins.get('chips:load-1')).toBeLessThanOrEqual(22 * MINUTE - 30);
  const done = eveningRun([begun('chips:board', at(40)), told('done', 'chips:board', at(34))]);
  const after = arrangeEvening(underWay(problem, done, SERVE, at(20))).best!;
  expect(after.begins.get('chips:load-1')).toBe(15 * MINUTE);
});

test('too late is impossible, and possible again when it is served later', () => {
  const run = eveningRun([begun('chips:board', at(30)), told('done', 'chips:board', at(12))]);
  expect(arrangeEvening(underWay(problem, run, SERVE, at(11))).best).toBeNull();
  const later = SERVE + 5 * 60_000;
  expect(arrangeEvening(underWay(problem, run, later, at(11))).best).not.toBeNull();
});

test('a dish that is in a fryer stays there; pieces that lie too long are told, not given up', () => {
  const run = eveningRun([
    begun('chips:board', at(50)),
    told('done', 'chips:board', at(40)),
    begun('chips:load-1', at(20), 'B'),
  ]);
  const going = underWay(problem, run, SERVE, at(10));
  expect(going.dishes[0]!.ways.map(({ id }) => id)).toEqual(['B rack']);
  const { best } = arrangeEvening(going);
  expect(best!.begins.get('chips:load-1')).toBe(20 * MINUTE);
  expect(overdueWaits([wayIn('B')], run, at(10)).get('chips:board')).toBe(15 * MINUTE);
});

test('a pin whose moment has passed without its step being begun holds nothing any more', () => {
  const pinned = { ...problem, fixed: new Map([['chips:board', 35 * MINUTE]]) };
  const going = (now: number) => underWay(pinned, eveningRun([]), SERVE, now).fixed.get('chips:board');
  expect(going(at(36))).toBe(35 * MINUTE);
  expect(going(at(34))).toBeUndefined();
});

test('what is seen in the drawer moves the moment it comes out, and with it what waits for the fryer', () => {
  const events = [
    begun('chips:board', at(50)),
    told('done', 'chips:board', at(46)),
    begun('chips:load-1', at(45), 'A'),
  ];
  const seen: EveningTold = { kind: 'due', happenedAt: at(35), detail: { step: 'chips:load-1', at: at(22) } };
  const load = (...more: EveningTold[]) => {
    const going = underWay(problem, eveningRun([...events, ...more]), SERVE, at(34));
    return going.dishes[0]!.ways[0]!.steps.find(({ id }) => id === 'chips:load-1')!;
  };
  expect(load().length).toBe(15 * MINUTE);
  /* out at 22 min before, and half a minute to empty the drawer */
  expect(load(seen).length).toBe(23 * MINUTE + 30);
  expect(load(seen).uses).toEqual([{ resource: 'A', from: 0, length: 23 * MINUTE + 30 }]);
  /* once it is out, that counts and not what was seen */
  expect(load(seen, told('done', 'chips:load-1', at(30))).length).toBe(15 * MINUTE);
});

test('deeds at the end of a load move with it, those before stay', () => {
  const way = wayIn('A');
  const withDeeds: DishWay = {
    ...way,
    steps: [
      {
        ...way.steps[1]!,
        uses: [
          { resource: 'A', from: 0, length: 15 * MINUTE },
          { resource: HANDS, from: 7 * MINUTE, length: 30, deed: 'shake' },
          { resource: HANDS, from: 15 * MINUTE - 30, length: 30, deed: 'empty' },
          { resource: 'oven', from: 15 * MINUTE - 30, length: Infinity },
        ],
      },
    ],
    lags: [],
  };
  const seen: EveningTold = { kind: 'due', happenedAt: at(35), detail: { step: 'chips:load-1', at: at(27.5) } };
  const run = eveningRun([begun('chips:load-1', at(45), 'A'), seen]);
  const [step] = underWay({ ...problem, dishes: [{ id: 'chips', ways: [withDeeds] }] }, run, SERVE, at(34)).dishes[0]!
    .ways[0]!.steps;
  expect(step!.uses.map(({ from, length }) => [from, length])).toEqual([
    [0, 18 * MINUTE],
    [7 * MINUTE, 30],
    [18 * MINUTE - 30, 30],
    [18 * MINUTE - 30, Infinity],
  ]);
});
