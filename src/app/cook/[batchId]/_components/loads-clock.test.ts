import { looksOfColours } from '@/core/batch/record-statistics';
import { withLoadDrawer, withLoadMass, withLoads } from '@/editing/edit-loads';
import { fromFirstLoad } from '@/editing/from-first-load';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { loadOrder } from '@/schemas/load-order';
import { planFileSchema } from '@/schemas/plan-file';
import { planFromFile } from '@/schemas/plan-from-file';
import { writePlanFile } from '@/schemas/write-plan';
import type { LoadsOutcome } from '@/workers/study/protocol';
import { loadMoments } from './loads-clock';
import { nextIsBeside, nextOf } from './next-load';

const BEGAN = Date.parse('2026-11-26T17:00:00Z');
const minute = (n: number) => BEGAN + n * 60_000;
const outcomeOf = (times: readonly (readonly [number, number])[]): LoadsOutcome => ({
  each: times.map(([from, to]) => ({
    share: 1 / times.length,
    drawer: 0,
    from: from * 60,
    to: to * 60,
    looks: looksOfColours([], 0),
    right: 1,
    kept: 1,
    refreshed: 1,
    heart: 330,
    heartRefreshed: 360,
  })),
  time: times.at(-1)![1] * 60,
  evenness: 1,
  energy: 0,
});

test('one clock over three loads: the first is out, the second is in, the third follows it after emptying and filling', () => {
  const first = withLoads(FIRST_PLAN, 3);
  const second = nextOf(first, { loadedAt: BEGAN, doneAt: minute(20), dueAt: minute(20) });
  expect(second.loads).toMatchObject({ current: 2, count: 3 });
  const moments = loadMoments(
    second,
    minute(40),
    false,
    outcomeOf([
      [0, 20],
      [21.5, 39.5],
      [41, 59],
    ]),
  );
  expect(moments).toEqual([
    { number: 1, stand: 'out', at: minute(20) },
    { number: 2, stand: 'due', at: minute(40) },
    { number: 3, stand: 'to come', at: minute(40 + 1.5 + 18) },
  ]);
  expect(planFileSchema.parse(JSON.parse(JSON.stringify(writePlanFile(second)))).loads).toEqual(second.loads);
});

test('what is not known yet is left open', () => {
  const moments = loadMoments(withLoads(FIRST_PLAN, 2), null, false, undefined);
  expect(moments.map(({ at }) => at)).toEqual([null, null]);
});

test('a load in the other drawer need not wait: it begins in a fryer as planned, not in one that was emptied', () => {
  const twin = { ...withLoads(FIRST_PLAN, 2), fryer: { ...FIRST_PLAN.fryer, drawers: 2 as const } };
  expect(nextIsBeside(twin)).toBe(false);
  const beside = withLoadDrawer(twin, 1, 2);
  expect(nextIsBeside(beside)).toBe(true);
  const second = nextOf(beside, { loadedAt: BEGAN, doneAt: null, dueAt: minute(20) });
  expect(second.fryer).toEqual(beside.fryer);
  const [first, own] = loadMoments(second, minute(22), false, undefined);
  expect(first).toEqual({ number: 1, stand: 'due', at: minute(20) });
  expect(own).toEqual({ number: 2, stand: 'due', at: minute(22) });
  const after = nextOf(withLoads(FIRST_PLAN, 2), { loadedAt: BEGAN, doneAt: minute(20), dueAt: minute(20) });
  expect(after.fryer.preheat).toBeNull();
  expect(after.fryer.start_c).toBeGreaterThan(120);
});

test('a plan made from a later load begins with the first, heated as that was', () => {
  const plan = withLoads(FIRST_PLAN, 3);
  expect(plan.fryer.preheat).not.toBeNull();
  const second = nextOf(plan, { loadedAt: BEGAN, doneAt: minute(20), dueAt: minute(20) });
  const third = nextOf(second, { loadedAt: minute(22), doneAt: minute(40), dueAt: minute(40) });
  expect(third.loads.current).toBe(3);
  expect(fromFirstLoad(third)).toEqual(plan);
  expect(fromFirstLoad(plan)).toEqual(plan);
  /* also through a file, and by a batch that was kept before this was known */
  const read = planFileSchema.parse(JSON.parse(JSON.stringify(writePlanFile(third))));
  expect(fromFirstLoad(read)).toEqual(plan);
  expect(fromFirstLoad({ ...third, fryer: { ...third.fryer, first_preheat: undefined } }).fryer.preheat).toBeNull();
});

test('one load made larger leaves the others the rest, and each is forecast at its own size', () => {
  const plan = withLoadMass({ ...withLoads(FIRST_PLAN, 3), mass_g: 900 }, 0, 500);
  const grams = loadOrder(plan).map(({ share }) => Math.round(share * 900));
  expect(grams).toEqual([500, 200, 200]);
  expect(planFromFile(plan).mass * 1000).toBeCloseTo(500, 0);
  expect(planFromFile({ ...plan, loads: { ...plan.loads, current: 2 } }).mass * 1000).toBeCloseTo(200, 0);
  const written = { ...JSON.parse(JSON.stringify(writePlanFile(plan))) };
  written.loads.sizes = [1, 2];
  expect(planFileSchema.safeParse(written).error?.issues[0]?.message).toBe('must name all 3 loads');
});
