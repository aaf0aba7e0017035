import { type BatchEvent, type BatchEventKind, eventOfKind, type Told } from '@/core/run/batch-event';
import { deriveRun } from '@/core/run/run-state';
import { SHAKEN_PLAN } from '../../../../../tests/support/shaken-plan';
import type { PlanFile } from '@/schemas/plan-file';
import { effectivePlan } from './effective-plan';

const START = 1_700_000_000_000;
const event = <Kind extends BatchEventKind>(kind: Kind, minute: number, ...told: Told<Kind>): BatchEvent =>
  eventOfKind(kind, { id: `${kind}-${minute}`, happenedAt: START + minute * 60_000 }, ...told);
const after = (document: PlanFile, events: BatchEvent[], minute: number) =>
  effectivePlan(document, deriveRun([event('loaded', 0), ...events]), minute * 60).cook;

test('before anything happened the plan stands as it was', () => {
  expect(after(SHAKEN_PLAN, [], 0)).toEqual(SHAKEN_PLAN.cook);
});

test('what happened stands at its own minute, what is to come where it was planned', () => {
  const { events } = after(SHAKEN_PLAN, [event('shaken', 8.5)], 9);
  expect(events).toEqual([
    { minute: 8.5, action: 'shake' },
    { minute: 12, action: 'shake' },
    { minute: 17, action: 'shake' },
  ]);
});

test('an opening between the planned ones is added, one that was missed is dropped', () => {
  const opened = after(SHAKEN_PLAN, [event('drawer-open', 3)], 3).events;
  expect(opened.map(({ minute }) => minute)).toEqual([3, 7, 12, 17]);
  expect(after(SHAKEN_PLAN, [], 15).events.map(({ minute }) => minute)).toEqual([17]);
});

test('added minutes lengthen the last stage, never shorten a long one, and end at what a plan may have', () => {
  const more = (count: number) => Array.from({ length: count }, (_, i) => event('more-time', 10 + i / 10));
  expect(after(SHAKEN_PLAN, more(3), 12).stages).toEqual([{ minutes: 33, temperature_c: 195 }]);
  const long: PlanFile = {
    ...SHAKEN_PLAN,
    cook: { ...SHAKEN_PLAN.cook, stages: [{ minutes: 118, temperature_c: 120 }] },
  };
  expect(after(long, more(1), 12).stages[0]!.minutes).toBe(119);
  expect(after(long, more(9), 12).stages[0]!.minutes).toBe(120);
});

test('oil that is still to come keeps its grams', () => {
  const document: PlanFile = {
    ...SHAKEN_PLAN,
    cook: { ...SHAKEN_PLAN.cook, events: [{ minute: 9, action: 'oil', mass_g: 5 }] },
  };
  expect(after(document, [], 2).events).toEqual([{ minute: 9, action: 'oil', mass_g: 5 }]);
});
