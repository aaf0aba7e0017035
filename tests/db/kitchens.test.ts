import { randomUUID } from 'node:crypto';
import { closeDatabase } from '@/db/pool';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { appendEvents, beginBatch, loadBatch, loadLog, recordOutcome } from '@/services/batches';
import {
  chooseUnits,
  createKitchen,
  loadCutters,
  loadFryers,
  loadKitchen,
  removeCutter,
  removeFryer,
  saveCutter,
  saveFryer,
} from '@/services/kitchen';
import { followBatch } from '@/services/follow-batch';
import { acceptInvite, inviteDevice } from '@/services/invites';
import {
  archivePlan,
  duplicatePlan,
  keepVersion,
  loadNewestPlan,
  loadPlan,
  loadPlans,
  loadVersions,
  savePlan,
} from '@/services/plans';
import { closeOwnerDatabase, ownerDatabase } from '../support/owner-database';

const FORECAST = { done_min: 20, done_p10_min: 17, done_p90_min: 23, window: null, first_check_min: 17.6 };
const OUTCOME = {
  crispness: 'crisp',
  browning: 1,
  evenness: 'even',
  liked: null,
  heart: null,
  next: null,
  faults: [],
  note: 'good',
} as const;

async function kitchen() {
  const made = await createKitchen();
  if (!made.ok) throw new Error(made.failure.code);
  return made.value;
}

async function batchIn(kitchenId: string) {
  const batchId = randomUUID();
  const begun = await beginBatch(kitchenId, {
    batchId,
    fryerName: 'My fryer',
    document: FIRST_PLAN,
    forecast: FORECAST,
  });
  expect(begun.ok).toBe(true);
  return batchId;
}

const event = (kind: 'loaded' | 'shaken' | 'done', minute: number) => ({
  id: randomUUID(),
  kind,
  happenedAt: 1_700_000_000_000 + minute * 60_000,
  detail: {},
});

afterAll(() => Promise.all([closeDatabase(), closeOwnerDatabase()]));

test('a new kitchen has one fryer, metric units and an empty log', async () => {
  const { id, unitSystem } = await kitchen();
  expect(unitSystem).toBe('metric');
  expect(await loadFryers(id)).toHaveLength(1);
  expect(await loadLog(id)).toEqual({ ok: true, value: { batches: [], unreadable: 0 } });
  await chooseUnits(id, 'us');
  expect(await loadKitchen(id)).toMatchObject({ ok: true, value: { unitSystem: 'us' } });
});

test('a plan is saved, saved again under its id, and the newest comes back', async () => {
  const { id } = await kitchen();
  const [fryer] = await loadFryers(id);
  const planId = randomUUID();
  await savePlan(id, planId, { fryerId: fryer!.id, document: FIRST_PLAN, base: null });
  await savePlan(id, planId, { fryerId: fryer!.id, document: { ...FIRST_PLAN, mass_g: 333 }, base: null });
  expect((await loadNewestPlan(id))?.document.mass_g).toBe(333);
  const { rows } = await ownerDatabase().query('SELECT count(*)::int AS n FROM plans WHERE kitchen_id = $1', [id]);
  expect(rows[0]).toEqual({ n: 1 });
});

test('nothing of another kitchen can be read or written', async () => {
  const [mine, theirs] = [await kitchen(), await kitchen()];
  const batchId = await batchIn(theirs.id);
  const [theirFryer] = await loadFryers(theirs.id);
  const planId = randomUUID();
  await savePlan(theirs.id, planId, { fryerId: theirFryer!.id, document: FIRST_PLAN, base: null });

  expect(await loadBatch(mine.id, batchId)).toEqual({ ok: false, failure: { code: 'not-found' } });
  expect(await appendEvents(mine.id, batchId, [event('loaded', 0)])).toMatchObject({ ok: false });
  expect(await recordOutcome(mine.id, batchId, { ...OUTCOME, faults: [], fingerprint: [] })).toMatchObject({
    ok: false,
  });
  expect(await beginBatch(mine.id, { batchId, fryerName: 'x', document: FIRST_PLAN, forecast: FORECAST })).toEqual({
    ok: false,
    failure: { code: 'other-kitchen' },
  });
  expect(await savePlan(mine.id, randomUUID(), { fryerId: theirFryer!.id, document: FIRST_PLAN, base: null })).toEqual({
    ok: false,
    failure: { code: 'unknown-fryer' },
  });
  const [myFryer] = await loadFryers(mine.id);
  expect(await savePlan(mine.id, planId, { fryerId: myFryer!.id, document: FIRST_PLAN, base: null })).toEqual({
    ok: false,
    failure: { code: 'other-kitchen' },
  });
  expect((await loadBatch(theirs.id, batchId)).ok).toBe(true);
});

test('events sent twice are stored once, and the batch is derived from them', async () => {
  const { id } = await kitchen();
  const batchId = await batchIn(id);
  const events = [event('loaded', 0), event('shaken', 7), event('done', 20)];
  await appendEvents(id, batchId, events);
  await appendEvents(id, batchId, events.slice(1));
  const loaded = await loadBatch(id, batchId);
  expect(loaded.ok && loaded.value.events).toEqual(events);
});

test('the outcome can be said again, with the colours of the pieces', async () => {
  const { id } = await kitchen();
  const batchId = await batchIn(id);
  await appendEvents(id, batchId, [event('loaded', 0), event('done', 20)]);
  await recordOutcome(id, batchId, { ...OUTCOME, faults: [], fingerprint: [] });
  await recordOutcome(id, batchId, {
    ...OUTCOME,
    browning: 1.4,
    faults: ['stuck'],
    note: "Robert'); DROP TABLE outcomes;--",
    fingerprint: [0.9, 1.4, 2],
  });
  const loaded = await loadBatch(id, batchId);
  if (!loaded.ok) throw new Error('the batch is gone');
  expect(loaded.value.outcome).toMatchObject({ browning: expect.closeTo(1.4, 5), faults: ['stuck'] });
  expect(loaded.value.outcome!.note).toContain('DROP TABLE');
  expect(loaded.value.fingerprint).toEqual([0.9, 1.4, 2].map((one) => expect.closeTo(one, 5)));
});

test('a plan keeps what it was before a sitting, is copied, put away and taken out again', async () => {
  const { id } = await kitchen();
  const [fryer] = await loadFryers(id);
  const planId = randomUUID();
  const save = (mass_g: number) =>
    savePlan(id, planId, { fryerId: fryer!.id, document: { ...FIRST_PLAN, mass_g }, base: null });
  await save(300);
  await save(400);
  await save(500);
  const versions = await loadVersions(id, planId);
  expect(versions.ok && versions.value.map(({ document }) => document.mass_g)).toEqual([300]);
  await keepVersion(id, planId);
  const kept = await loadVersions(id, planId);
  expect(kept.ok && kept.value.map(({ version, document }) => [version, document.mass_g])).toEqual([
    [2, 500],
    [1, 300],
  ]);
  await duplicatePlan(id, planId);
  const plans = await loadPlans(id);
  expect(plans.ok && plans.value.plans.map(({ document }) => document.name)).toEqual([
    'Potato sticks, copy',
    'Potato sticks',
  ]);
  await archivePlan(id, planId, true);
  expect((await loadNewestPlan(id))?.document.name).toBe('Potato sticks, copy');
  const after = await loadPlans(id);
  expect(after.ok && after.value.plans.map(({ archived }) => archived)).toEqual([false, true]);
  await save(500);
  expect((await loadPlan(id, planId))?.archived).toBe(false);
});

test('another kitchen can neither copy, put away, version nor read a plan', async () => {
  const [mine, theirs] = [await kitchen(), await kitchen()];
  const [fryer] = await loadFryers(theirs.id);
  const planId = randomUUID();
  await savePlan(theirs.id, planId, { fryerId: fryer!.id, document: FIRST_PLAN, base: null });
  const notFound = { ok: false, failure: { code: 'not-found' } };
  expect(await duplicatePlan(mine.id, planId)).toEqual(notFound);
  expect(await archivePlan(mine.id, planId, true)).toEqual(notFound);
  expect(await keepVersion(mine.id, planId)).toEqual(notFound);
  expect(await loadPlan(mine.id, planId)).toBeNull();
  expect(await loadVersions(mine.id, planId)).toEqual({ ok: true, value: [] });
});

test('cutters are measured, measured again and removed; a fryer is changed, comes back after it was removed, and the last one stays', async () => {
  const [mine, theirs] = [await kitchen(), await kitchen()];
  const cutter = { id: randomUUID(), name: 'Green mandoline', setting: '2', thicknessMm: 2.3, scatter: 0.03 };
  await saveCutter(mine.id, cutter);
  await saveCutter(mine.id, { ...cutter, thicknessMm: 2.4 });
  expect(await loadCutters(mine.id)).toEqual([{ ...cutter, thicknessMm: 2.4, scatter: expect.closeTo(0.03, 6) }]);
  expect(await saveCutter(theirs.id, cutter)).toMatchObject({ ok: false });
  expect(await removeCutter(theirs.id, cutter.id)).toMatchObject({ ok: false });
  expect(await removeCutter(mine.id, cutter.id)).toMatchObject({ ok: true });

  const [first] = await loadFryers(mine.id);
  expect(await removeFryer(mine.id, first!.id)).toEqual({ ok: false, failure: { code: 'last-fryer' } });
  const attic = { ...first!, id: randomUUID(), name: 'Attic', powerW: 900 };
  await saveFryer(mine.id, attic);
  await saveFryer(mine.id, { ...attic, powerW: 950 });
  expect((await loadFryers(mine.id)).map(({ name, powerW }) => [name, powerW])).toEqual([
    ['My fryer', 1500],
    ['Attic', 950],
  ]);
  expect(await saveFryer(theirs.id, attic)).toMatchObject({ ok: false });
  await removeFryer(mine.id, first!.id);
  expect((await loadFryers(mine.id)).map(({ name }) => name)).toEqual(['Attic']);
  await saveFryer(mine.id, first!);
  expect((await loadFryers(mine.id)).map(({ name }) => name)).toEqual(['My fryer', 'Attic']);
});

test('an invitation lets one device in, once, and only into its own batch', async () => {
  const [mine, theirs] = [await kitchen(), await kitchen()];
  const batchId = await batchIn(mine.id);
  expect(await inviteDevice(theirs.id, batchId)).toEqual({ ok: false, failure: { code: 'not-found' } });
  const invite = await inviteDevice(mine.id, batchId);
  if (!invite.ok) throw new Error(invite.failure.code);
  expect(await acceptInvite(invite.value.token, 'a phone')).toEqual({
    ok: true,
    value: { kitchenId: mine.id, batchId, role: 'cook' },
  });
  expect(await acceptInvite(invite.value.token, 'a phone')).toEqual({ ok: false, failure: { code: 'not-found' } });
  expect(await acceptInvite('x'.repeat(32), 'a phone')).toEqual({ ok: false, failure: { code: 'not-found' } });
  const { rows } = await ownerDatabase().query(
    'SELECT encode(token_hash, $1) AS h FROM device_invites WHERE batch_id = $2',
    ['escape', batchId],
  );
  expect(rows[0].h).not.toContain(invite.value.token);
});

test('whoever follows a batch is told what is new from where it stands, once, and when the batch is gone', async () => {
  const { id } = await kitchen();
  const batchId = await batchIn(id);
  const follow = (after: number) => {
    const told: string[] = [];
    const stop = followBatch(id, batchId, after, {
      onEvents: ({ seq, events }) =>
        told.push(...events.map((text) => `${(JSON.parse(text) as { kind: string }).kind} ≤${seq}`)),
      onAway: () => undefined,
      onGone: () => told.push('gone'),
    });
    return { told, stop };
  };
  const until = async (told: readonly string[], expected: readonly string[]) => {
    for (let n = 0; n < 100 && told.length < expected.length; n++)
      await new Promise((resolve) => setTimeout(resolve, 50));
    expect(told).toEqual(expected);
  };
  const early = follow(0);
  await appendEvents(id, batchId, [event('loaded', 0)]);
  await until(early.told, ['loaded ≤1']);
  await appendEvents(id, batchId, [event('shaken', 7), event('done', 20)]);
  await until(early.told, ['loaded ≤1', 'shaken ≤3', 'done ≤3']);
  const late = follow(2);
  await until(late.told, ['done ≤3']);
  const anew = follow(0);
  await until(anew.told, ['loaded ≤3', 'shaken ≤3', 'done ≤3']);
  expect(early.told).toHaveLength(3);
  for (const one of [early, late, anew]) one.stop();
  /* one who asks for all comes in while the room still reads for one who asked for the end */
  const atEnd = follow(2);
  const fromStart = follow(0);
  await until(atEnd.told, ['done ≤3']);
  await until(fromStart.told, ['loaded ≤3', 'shaken ≤3', 'done ≤3']);
  await ownerDatabase().query('DELETE FROM batches WHERE batch_id = $1', [batchId]);
  await until(atEnd.told, ['done ≤3', 'gone']);
  for (const one of [atEnd, fromStart]) one.stop();
});
