import { OVEN, RING } from '@/core/evening/places';
import type { ShownSchedule } from '@/workers/evening/protocol';
import { hands, step } from '../../../../../tests/support/shown-evening';
import { inRows, markEvery, nearestBar, passesOf, roomAfter } from './passes-layout';
import { standInDeeds } from './use-rehearsal';

const STEPS = [
  step('chips:soak-1', 'soak', 3600, 1800, [hands(0, 60)]),
  step('chips:load-1', 'load', 1500, 900, [
    hands(0, 60),
    { resource: 'fryer:a', from: 0, length: 900 },
    { resource: OVEN, from: 870, length: Infinity },
  ]),
  step('tofu:load-1', 'load', 900, 300, [hands(0, 60), { resource: 'fryer:b', from: 0, length: 300 }]),
  step('rice:own-1', 'own', 1200, 900, [hands(0, 120), { resource: RING, from: 0, length: 900 }]),
];
const SHOWN: ShownSchedule = {
  loss: 0,
  serveAt: 10_000_000,
  steps: STEPS,
  work: [
    { step: 'chips:soak-1', from: 3600, to: 3540, cook: 0 },
    { step: 'rice:own-1', from: 1200, to: 1080, cook: 1 },
  ],
  table: [],
  warmUps: [{ resource: 'fryer:a', begin: 1740, until: 1500, step: 'chips:load-1', temperature: 468 }],
  orders: [],
};

test('each pass holds what lies in it: bowls, hob, a cook, fryers, the other cook, oven, rack', () => {
  const lanes = passesOf(SHOWN, ['fryer:a', 'fryer:b'], 2);
  expect(lanes.map(({ id }) => id)).toEqual([
    'basin',
    'ring',
    'cook-0',
    'fryer:a',
    'fryer:b',
    'cook-1',
    'oven',
    'rack',
  ]);
  const bars = (id: string) => lanes.find((lane) => lane.id === id)!.bars.map(({ kind, from, to }) => [kind, from, to]);
  /* hands for setting up are the cook's, not the bowl's */
  expect(bars('basin')).toEqual([['waiting', 3540, 1800]]);
  expect(bars('fryer:a')).toEqual([
    ['warm-up', 1740, 1500],
    ['load', 1500, 600],
  ]);
  expect(bars('oven')).toEqual([['keep', 630, 0]]);
  expect(bars('rack')).toEqual([['keep', 600, 0]]);
  expect(bars('cook-1')).toEqual([['hands', 1200, 1080]]);
});

test('bars that touch share a row, those that overlap do not; words have room up to the next', () => {
  const bar = (key: string, from: number, to: number) => ({ key, kind: 'hands' as const, step: null, from, to });
  const { rows, bars } = inRows([bar('a', 300, 200), bar('b', 200, 100), bar('c', 250, 150)]);
  expect(rows).toBe(2);
  expect(bars.map(({ key, row }) => [key, row])).toEqual([
    ['a', 0],
    ['c', 1],
    ['b', 0],
  ]);
  expect(roomAfter(bars[0]!, bars)).toBe(100);
  expect(roomAfter(bars[1]!, bars)).toBe(Infinity);
});

test('a touch beside a thin bar means the nearest; one far from all means none, nor does a fryer that gets hot', () => {
  const bars = passesOf(SHOWN, ['fryer:a', 'fryer:b'], 2).find(({ id }) => id === 'fryer:a')!.bars;
  expect(nearestBar(bars, 1550, 100)?.step?.id).toBe('chips:load-1');
  expect(nearestBar(bars, 550, 60)?.step?.id).toBe('chips:load-1');
  expect(nearestBar(bars, 500, 60)).toBeNull();
  expect(nearestBar(bars, 1700, 100)).toBeNull();
});

test('marks of the clock stand as close as they have room', () => {
  expect([markEvery(20), markEvery(10), markEvery(3), markEvery(0.1)]).toEqual([5, 10, 30, 720]);
});

test('stand-in cooks begin what is due and are done when its time as planned is up, later at the board', () => {
  const board = step('chips:board', 'board', 600, 400, [hands(0, 400)]);
  const shown = { serveAt: 10_000_000, steps: [board] };
  const at = (before: number) => 10_000_000 - before * 1000;
  const lengths = new Map([['chips:board', 240]]);
  expect(standInDeeds(shown, new Map(), lengths, at(601))).toEqual([]);
  expect(standInDeeds(shown, new Map(), lengths, at(600))).toEqual([
    { kind: 'begun', detail: { step: 'chips:board' } },
  ]);
  const run = new Map([['chips:board', { begun: at(600), done: null }]]);
  expect(standInDeeds(shown, run, lengths, at(320))).toEqual([]);
  expect(standInDeeds(shown, run, lengths, at(300))).toEqual([{ kind: 'done', detail: { step: 'chips:board' } }]);
});
