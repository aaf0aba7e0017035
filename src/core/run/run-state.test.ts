import fc from 'fast-check';
import { nextAction } from './next-action';
import { prepDuration, prepTasks } from '../prep/prep-tasks';
import { type BatchEvent, type BatchEventKind, eventOfKind, type Told } from './batch-event';
import { deriveRun, openingsToCome } from './run-state';
import { fingerprintAt } from './fingerprint';
import { safeHeart } from './safe-heart';
import { shownAt } from './shown-clock';
import { FIRST_PLAN } from '../../schemas/first-plan';
import { planFromFile } from '../../schemas/plan-from-file';

const START = 1_700_000_000_000;
let serial = 0;
const event = <Kind extends BatchEventKind>(kind: Kind, minute: number, ...told: Told<Kind>): BatchEvent =>
  eventOfKind(kind, { id: `event-${serial++}`, happenedAt: START + minute * 60_000 }, ...told);

const EVENING = [
  event('prep-begun', 0, { step: 0 }),
  event('prep-done', 30, { step: 0 }),
  event('loaded', 35),
  event('shaken', 42),
  event('drawer-open', 47),
  event('more-time', 50),
  event('done', 55),
];

test('phases follow from the events alone', () => {
  expect(deriveRun([]).phase).toBe('prep');
  expect(deriveRun(EVENING.slice(0, 3)).phase).toBe('cooking');
  const run = deriveRun(EVENING);
  expect(run.phase).toBe('done');
  expect(run.openings).toEqual([
    { time: 420, action: 'shake' },
    { time: 720, action: 'open' },
  ]);
  expect(run.extraMinutes).toBe(1);
  expect(run.prepDone.has(0)).toBe(true);
});

test('order of arrival and repeats change nothing', () => {
  const whole = deriveRun(EVENING);
  fc.assert(
    fc.property(fc.shuffledSubarray(EVENING, { minLength: EVENING.length }), fc.subarray(EVENING), (order, again) => {
      expect(deriveRun([...order, ...again])).toEqual(whole);
    }),
  );
});

test('a mis-tap is taken back, and what stood before stands again', () => {
  const done = EVENING.at(-1)!;
  const back = deriveRun([...EVENING, event('undone', 56, { event: done.id })]);
  expect(back.phase).toBe('cooking');
  expect(back.last!.kind).toBe('more-time');
});

test('what happened before loading is no opening', () => {
  expect(deriveRun([event('shaken', 1), event('loaded', 2)]).openings).toEqual([]);
});

test('meat and fish are probed where the pull would be, until they are safe', () => {
  const forecast = { pull: { time: 1200, share: 1 }, firstCheck: 900 };
  expect(nextAction(forecast, [], 0, 1110, true)).toEqual({ verb: 'probe', at: 1200 });
  expect(nextAction(forecast, [], 0, 1110, false)).toEqual({ verb: 'pull', at: 1200 });
  expect(safeHeart(planFromFile(FIRST_PLAN))).toBeNull();
  expect(safeHeart(planFromFile({ ...FIRST_PLAN, food: 'chicken-breast-crumbed' }))).toBe(74);
});

test('a shake takes up the planned one, also a little early; one long missed is given up', () => {
  const planned = [420, 720, 1020].map((time) => ({ time, action: 'shake' as const }));
  expect(openingsToCome(planned, [], 0)).toHaveLength(3);
  expect(openingsToCome(planned, [{ time: 400, action: 'shake' }], 400).map((o) => o.time)).toEqual([720, 1020]);
  expect(openingsToCome(planned, [{ time: 60, action: 'open' }], 60)).toHaveLength(3);
  expect(openingsToCome(planned, [], 800).map((o) => o.time)).toEqual([720, 1020]);
});

test('the next action is the earliest, then the check, then the pull, which stands until it is done', () => {
  const forecast = { pull: { time: 1200, share: 1 }, firstCheck: 1056 };
  const shakes = [{ time: 420, action: 'shake' as const }];
  expect(nextAction(forecast, shakes, 0, 100)).toEqual({ verb: 'shake', at: 420 });
  expect(nextAction(forecast, [], 0, 500)).toEqual({ verb: 'check', at: 1056 });
  expect(nextAction(forecast, [], 0, 1110)).toEqual({ verb: 'pull', at: 1200 });
  expect(nextAction(forecast, [], 60, 1110)).toEqual({ verb: 'check', at: 1116 });
});

test('the preheat runs beside drying and oiling, never before the soak ends', () => {
  const plan = planFromFile(FIRST_PLAN);
  const tasks = prepTasks(plan);
  expect(tasks.map((task) => task.kind)).toEqual(['soak', 'dry', 'oil', 'preheat']);
  expect(prepDuration(tasks)).toBe(30 * 60 + Math.max(180 + 60, 240));
});

test('a fingerprint is the forecast spread around the colour seen, palest first', () => {
  const print = fingerprintAt(planFromFile(FIRST_PLAN), 1200, 1.3);
  expect(print).toHaveLength(16);
  expect((print[7]! + print[8]!) / 2).toBeCloseTo(1.3, 6);
  expect([...print].sort((a, b) => a - b)).toEqual(print);
});

test('what was seen, bent and weighed is kept with its time; answers that carry too little are not', () => {
  const run = deriveRun([
    event('loaded', 0),
    event('looked', 12, { look: 'paler', shown: 0.4 }),
    event('looked', 13, { browning: 0.7 }),
    event('bent', 14, { bite: 'softer', said: 0.8 }),
    event('weighed', 15, { lost: 0.4 }),
    event('weighed', 15.5, { grams: 310 }),
    event('looked', 16, { look: 'paler' }),
    event('dial-turned', 17, { celsius: 180 }),
  ]);
  expect(run.observations).toEqual([
    { kind: 'look', time: 720, look: 'paler', shown: 0.4 },
    { kind: 'swatch', time: 780, browning: 0.7 },
    { kind: 'bite', time: 840, bite: 'softer', said: 0.8 },
    { kind: 'weight-left', time: 900, share: 0.6 },
    { kind: 'weight', time: 930, mass: 0.31 },
  ]);
  expect(run.dialTurns).toEqual([{ time: 1020, celsius: 180 }]);
});

describe('what two devices tell', () => {
  test('the same deed within half a minute counts once, and is shown', () => {
    const both = [
      event('loaded', 0),
      event('loaded', 0.2),
      event('shaken', 7),
      event('shaken', 7.3),
      event('shaken', 12),
    ];
    const run = deriveRun(both);
    expect(run.loadedAt).toBe(START);
    expect(run.openings.map(({ time }) => time)).toEqual([420, 720]);
    expect(run.passedOver.map(({ event, rule }) => [event.kind, rule])).toEqual([
      ['loaded', 'recorded-twice'],
      ['shaken', 'recorded-twice'],
    ]);
  });

  test('a second loading or pull never moves the first, however late it comes', () => {
    const run = deriveRun([
      event('loaded', 0),
      event('loaded', 9),
      event('done', 20, { called: 1260 }),
      event('done', 24, { called: 1300 }),
    ]);
    expect([run.loadedAt, run.doneAt, run.called]).toEqual([START, START + 20 * 60_000, 1260]);
    expect(run.passedOver).toHaveLength(2);
  });

  test('what is told of the pieces after they are out is passed over; salting and serving are not', () => {
    const run = deriveRun([
      event('loaded', 0),
      event('done', 20),
      event('shaken', 21),
      event('looked', 21, { browning: 1 }),
      event('seasoned', 21),
      event('served', 23),
    ]);
    expect(run.openings).toEqual([]);
    expect(run.observations).toEqual([]);
    expect(run.passedOver.map(({ rule }) => rule)).toEqual(['after-the-end', 'after-the-end']);
    expect([run.seasoned, run.servedAt]).toEqual([true, START + 23 * 60_000]);
  });

  test('a reading in the very moment of the pull still counts', () => {
    const run = deriveRun([event('loaded', 0), event('looked', 20, { browning: 1 }), event('done', 20)]);
    expect(run.observations).toHaveLength(1);
    expect(run.passedOver).toEqual([]);
    const later = deriveRun([event('loaded', 0), event('done', 20), event('looked', 20, { browning: 1 })]);
    expect(later.passedOver).toEqual([]);
  });

  test('taking back the first of two tellings lets the second count', () => {
    const first = event('shaken', 7);
    const run = deriveRun([event('loaded', 0), first, event('shaken', 7.2), event('undone', 8, { event: first.id })]);
    expect(run.openings).toEqual([{ time: 432, action: 'shake' }]);
    expect(run.passedOver).toEqual([]);
  });

  test('minutes added twice within half a minute are two minutes', () => {
    expect(deriveRun([event('loaded', 0), event('more-time', 9), event('more-time', 9.1)]).extraMinutes).toBe(2);
  });
});

test('a rehearsal sets the clock, and only what a hand told can be taken back', () => {
  const run = deriveRun([
    event('loaded', 0),
    event('shaken', 5),
    event('rehearsed', 6, { speed: 60, real: START + 1000 }),
    event('weighed', 7, { lost: 0.2, device: true }),
    event('air-read', 8, { celsius: 187, device: true }),
    event('probed', 9, { celsius: 71 }),
    event('probed', 10, { celsius: 69 }),
  ]);
  expect(run.clock).toEqual({ real: START + 1000, shown: START + 6 * 60_000, speed: 60 });
  expect(shownAt(run.clock, START + 2000)).toBe(START + 7 * 60_000);
  expect(run.observations.map(({ kind }) => kind)).toEqual(['weight-left', 'air']);
  expect(run.probed).toBe(71);
  expect(run.last!.kind).toBe('probed');
});
