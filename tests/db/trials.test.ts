import { randomUUID } from 'node:crypto';
import { closeDatabase } from '@/db/pool';
import { FIRST_PLAN } from '@/schemas/first-plan';
import type { Taster, Trial } from '@/schemas/trial';
import { createKitchen, loadFryers } from '@/services/kitchen';
import { appendEvents, beginBatch } from '@/services/batches';
import {
  beginTrial,
  drawPair,
  endTrial,
  loadCookedDishes,
  loadTrial,
  loadTrials,
  revealPair,
  taste,
} from '@/services/trials';
import { pastBatch } from '../support/batch';
import { value } from '../support/value';

afterAll(closeDatabase);

async function trialInKitchen() {
  const { id } = await value(createKitchen());
  const [fryer] = await loadFryers(id);
  const trial = {
    trialId: randomUUID(),
    fryerId: fryer!.id,
    name: 'Starch or none',
    one: FIRST_PLAN,
    other: { ...FIRST_PLAN, prep: [...FIRST_PLAN.prep, { step: 'starch' as const, mass_g: 10 }] },
    wordOne: 'bare',
    wordOther: 'in starch',
  };
  await value(beginTrial(id, trial));
  return { id, trial, trialId: trial.trialId };
}

const pairOf = async (id: string, trialId: string, pair = 1): Promise<Trial['pairs'][number]> =>
  (await value(loadTrial(id, trialId))).pairs[pair - 1]!;

test('a trial is begun once, however often it is asked for, read back as it was meant, and listed', async () => {
  const { id, trial, trialId } = await trialInKitchen();
  await value(beginTrial(id, { ...trial, name: 'Another name' }));
  expect(await value(loadTrial(id, trialId))).toMatchObject({
    name: 'Starch or none',
    wordOne: 'bare',
    other: { prep: expect.arrayContaining([{ step: 'starch', mass_g: 10 }]) },
    ended: false,
    pairs: [],
  });
  await value(endTrial(id, trialId, true));
  expect(await value(loadTrials(id))).toEqual([{ id: trialId, name: 'Starch or none', ended: true }]);
  await value(endTrial(id, trialId, false));
  expect(await value(loadTrials(id))).toMatchObject([{ ended: false }]);
});

test('a pair has two bowls of different names, and stays sealed until both have tasted', async () => {
  const { id, trialId } = await trialInKitchen();
  await value(drawPair(id, trialId));
  const drawn = await pairOf(id, trialId);
  const [left, right] = drawn.bowls;
  expect(left).not.toBe(right);
  expect(drawn.bowls).toContain(drawn.first);
  expect(drawn).toMatchObject({ codeOne: null, tasted: [], tastings: [], peeked: false });

  await value(taste(id, trialId, 1, { taster: 'A', crisper: left, rather: 'alike' }));
  const half = await pairOf(id, trialId);
  expect(half).toMatchObject({ codeOne: null, tasted: ['A'], tastings: [] });
  /* who has thought better of it says it again, as long as it is sealed */
  await value(taste(id, trialId, 1, { taster: 'A', crisper: right, rather: right }));

  await value(taste(id, trialId, 1, { taster: 'B', crisper: right, rather: 'alike' }));
  const open = await pairOf(id, trialId);
  expect(drawn.bowls).toContain(open.codeOne);
  const picked = open.codeOne === right ? 'one' : 'other';
  expect(open.tastings).toEqual([
    { taster: 'A', crisper: picked, rather: picked },
    { taster: 'B', crisper: picked, rather: 'alike' },
  ]);
});

test('once opened nothing more is said of a pair; an answer that names no bowl of it is refused', async () => {
  const { id, trialId } = await trialInKitchen();
  await value(drawPair(id, trialId));
  const { bowls } = await pairOf(id, trialId);
  const says = (taster: Taster, crisper: string) => taste(id, trialId, 1, { taster, crisper, rather: 'alike' });
  expect(await says('A', 'NOBOWL')).toMatchObject({ ok: false, failure: { code: 'not-found' } });
  expect(await taste(id, trialId, 2, { taster: 'A', crisper: 'alike', rather: 'alike' })).toMatchObject({
    failure: { code: 'not-found' },
  });
  await value(says('A', bowls[0]));
  await value(says('B', bowls[1]));
  expect(await says('A', bowls[1])).toMatchObject({ ok: false, failure: { code: 'not-allowed' } });
});

test('no other pair is drawn while one is sealed, also when two devices ask at once; then the next one is', async () => {
  const { id, trialId } = await trialInKitchen();
  await Promise.all([drawPair(id, trialId), drawPair(id, trialId), drawPair(id, trialId)]);
  await value(drawPair(id, trialId));
  expect((await value(loadTrial(id, trialId))).pairs).toHaveLength(1);
  for (const taster of ['A', 'B'] as const) {
    await value(taste(id, trialId, 1, { taster, crisper: 'alike', rather: 'alike' }));
  }
  await value(drawPair(id, trialId));
  expect((await value(loadTrial(id, trialId))).pairs.map(({ pair }) => pair)).toEqual([1, 2]);
});

test('whoever fills the bowls may look, and that is noted for good', async () => {
  const { id, trialId } = await trialInKitchen();
  await value(drawPair(id, trialId));
  const { codeOne } = await value(revealPair(id, trialId, 1));
  const pair = await pairOf(id, trialId);
  expect(pair.bowls).toContain(codeOne);
  expect(pair).toMatchObject({ peeked: true, codeOne: null });
  for (const taster of ['A', 'B'] as const) {
    await value(taste(id, trialId, 1, { taster, crisper: codeOne, rather: codeOne }));
  }
  expect(await pairOf(id, trialId)).toMatchObject({
    peeked: true,
    codeOne,
    tastings: [{ crisper: 'one' }, { crisper: 'one' }],
  });
  expect(await revealPair(id, trialId, 9)).toMatchObject({ failure: { code: 'not-found' } });
});

test('which way goes in first, and which bowl is which, is left to chance', async () => {
  const { id, trialId } = await trialInKitchen();
  const seen = { first: new Set<boolean>(), names: new Set<string>() };
  for (let pair = 1; pair <= 24; pair++) {
    await value(drawPair(id, trialId));
    for (const taster of ['A', 'B'] as const) {
      await value(taste(id, trialId, pair, { taster, crisper: 'alike', rather: 'alike' }));
    }
    const { codeOne, first, bowls } = await pairOf(id, trialId, pair);
    seen.first.add(codeOne === first);
    bowls.forEach((bowl) => seen.names.add(bowl));
  }
  /* a coin that falls 24 times the same way: once in eight million */
  expect(seen.first.size).toBe(2);
  expect(seen.names.size).toBeGreaterThan(6);
});

test('another kitchen neither sees a trial nor tastes nor ends it; a fryer of another kitchen is refused', async () => {
  const { id, trial, trialId } = await trialInKitchen();
  const other = await value(createKitchen());
  await value(drawPair(id, trialId));
  expect(await loadTrial(other.id, trialId)).toMatchObject({ failure: { code: 'not-found' } });
  expect(await drawPair(other.id, trialId)).toMatchObject({ failure: { code: 'not-found' } });
  expect(await revealPair(other.id, trialId, 1)).toMatchObject({ failure: { code: 'not-found' } });
  expect(await endTrial(other.id, trialId, true)).toMatchObject({ failure: { code: 'not-found' } });
  expect(await beginTrial(other.id, { ...trial, trialId: randomUUID() })).toMatchObject({
    failure: { code: 'unknown-fryer' },
  });
  expect(await value(loadTrials(other.id))).toEqual([]);
});

test('with a drawer for each, both ways are cooked at once; which lies in which is drawn by chance', async () => {
  const { id, trialId } = await trialInKitchen();
  await value(drawPair(id, trialId, true));
  const pair = await pairOf(id, trialId);
  expect(pair).toMatchObject({ sideBySide: true });
  expect(pair.bowls).toContain(pair.first);
  for (const taster of ['A', 'B'] as const) {
    await value(taste(id, trialId, 1, { taster, crisper: 'alike', rather: 'alike' }));
  }
  await value(drawPair(id, trialId));
  expect(await pairOf(id, trialId, 2)).toMatchObject({ sideBySide: false });
});

test('what a kitchen cooks is named by how often, as it was cooked last; a rehearsal is no dish', async () => {
  const { id } = await value(createKitchen());
  const [fryer] = await loadFryers(id);
  const { forecast } = pastBatch();
  const cook = async (document: typeof FIRST_PLAN, rehearsed = false) => {
    const batchId = randomUUID();
    await value(beginBatch(id, { batchId, fryerName: fryer!.name, document, forecast, beside: true }));
    const happenedAt = Date.now();
    await value(
      appendEvents(id, batchId, [
        ...(rehearsed
          ? [{ id: randomUUID(), kind: 'rehearsed' as const, happenedAt, detail: { speed: 60, real: happenedAt } }]
          : []),
        { id: randomUUID(), kind: 'loaded', happenedAt, detail: {} },
      ]),
    );
  };
  const kale = {
    ...FIRST_PLAN,
    food: 'kale',
    cut: { shape: 'sheet', thickness_mm: 0.4, width_mm: 50, length_mm: 60, scatter: 0.1 },
  };
  await cook(FIRST_PLAN);
  await cook({ ...FIRST_PLAN, name: 'Once more' });
  await cook(kale as typeof FIRST_PLAN);
  await cook(kale as typeof FIRST_PLAN, true);
  expect(await value(loadCookedDishes(id))).toMatchObject([
    { document: { name: 'Once more' }, fryerId: fryer!.id, times: 2, total: 3 },
    { document: { food: 'kale' }, times: 1, total: 3 },
  ]);
});
