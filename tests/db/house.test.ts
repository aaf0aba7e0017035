import { randomUUID } from 'node:crypto';
import { closeDatabase } from '@/db/pool';
import {
  BATCH_EVENT_KINDS,
  type BatchEvent,
  type BatchEventKind,
  eventOfKind,
  type Told,
} from '@/core/run/batch-event';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { keepKitchen, removeKitchen } from '@/services/removal';
import { appendEvents, beginBatch, loadBatch, loadLog, recordOutcome } from '@/services/batches';
import { checkHealth } from '@/services/health';
import { acceptInvite, inviteCook, inviteDevice, peekInvite } from '@/services/invites';
import { createKitchen, loadFryers, loadKitchen } from '@/services/kitchen';
import { mayRequest } from '@/services/limits';
import { keepVersion, loadPlan, loadVersions, savePlan } from '@/services/plans';
import { succeed, withDatabase } from '@/services/result';
import { endSession, exchangeToken, loadAccess, openSession, readSession, tidyUp } from '@/services/sessions';
import { archiveOf, takeIn } from '../support/archive';
import { closeOwnerDatabase, ownerDatabase } from '../support/owner-database';

const FORECAST = { done_min: 20, done_p10_min: 17, done_p90_min: 24, window: null, first_check_min: 17 };
const BEGAN = Date.now() - 3_600_000;
const event = <Kind extends BatchEventKind>(kind: Kind, minute: number, ...told: Told<Kind>): BatchEvent =>
  eventOfKind(kind, { id: randomUUID(), happenedAt: BEGAN + minute * 60_000 }, ...told);

async function value<T>(
  result: Promise<{ ok: true; value: T } | { ok: false; failure: { code: string } }>,
): Promise<T> {
  const settled = await result;
  if (!settled.ok) throw new Error(settled.failure.code);
  return settled.value;
}
const kitchen = () => value(createKitchen());
async function batchIn(kitchenId: string): Promise<string> {
  const batchId = randomUUID();
  const batch = { batchId, fryerName: 'Large drawer', document: FIRST_PLAN, forecast: FORECAST, beside: true };
  await value(beginBatch(kitchenId, batch));
  return batchId;
}

afterAll(() => Promise.all([closeDatabase(), closeOwnerDatabase()]));

test('kinds of events are the same in the core and in the database', async () => {
  const { rows } = await ownerDatabase().query<{ kind: string }>('SELECT kind FROM batch_event_kinds ORDER BY kind');
  expect(rows.map(({ kind }) => kind)).toEqual([...BATCH_EVENT_KINDS].sort());
});

test('events are numbered in the order stored, from both ends at once, without a gap or a doublet', async () => {
  const { id } = await kitchen();
  const batchId = await batchIn(id);
  const events = [event('loaded', 0), ...Array.from({ length: 30 }, (_, i) => event('more-time', 1 + i))];
  await Promise.all([
    appendEvents(id, batchId, events),
    appendEvents(id, batchId, [...events].reverse()),
    appendEvents(id, batchId, events.slice(10)),
  ]);
  const batch = await value(loadBatch(id, batchId));
  expect(new Set(batch.events.map((one) => one.id)).size).toBe(31);
  expect(batch.seq).toBe(31);
  const { rows } = await ownerDatabase().query<{ seq: string }>(
    'SELECT seq FROM batch_events WHERE batch_id = $1 ORDER BY seq',
    [batchId],
  );
  expect(rows.map(({ seq }) => Number(seq))).toEqual(Array.from({ length: 31 }, (_, i) => i + 1));
});

test('one odd event does not hold up the others; an id of another batch is refused', async () => {
  const { id } = await kitchen();
  const [first, second] = [await batchIn(id), await batchIn(id)];
  const loaded = event('loaded', 0);
  const odd = { ...event('shaken', 1), kind: 'exploded' };
  const { refused } = await value(appendEvents(id, first, [loaded, odd, event('shaken', 7)]));
  expect(refused).toMatchObject([{ id: odd.id, error: expect.stringMatching(/kind/) }]);
  expect((await value(loadBatch(id, first))).events).toHaveLength(2);
  expect(await appendEvents(id, second, [loaded])).toEqual({ ok: false, failure: { code: 'id-taken' } });
  expect(await appendEvents(id, second, [odd])).toMatchObject({ ok: false, failure: { code: 'bad-events' } });
});

test('a row that cannot be read is said, never dropped in silence', async () => {
  const { id } = await kitchen();
  const batchId = await batchIn(id);
  await appendEvents(id, batchId, [event('loaded', 0)]);
  await ownerDatabase().query(
    `INSERT INTO batch_events (event_id, kitchen_id, batch_id, kind, version, detail, happened_at, seq)
     VALUES ($1, $2, $3, 'shaken', 99, '{}', now(), 2)`,
    [randomUUID(), id, batchId],
  );
  const batch = await value(loadBatch(id, batchId));
  expect([batch.events.length, batch.unreadable]).toEqual([1, 1]);
  const other = await batchIn(id);
  await ownerDatabase().query(`UPDATE batches SET document = '{"format":"old"}' WHERE batch_id = $1`, [other]);
  expect(await loadBatch(id, other)).toEqual({ ok: false, failure: { code: 'unreadable' } });
  expect((await value(loadLog(id))).unreadable).toBe(1);
});

test('a save names the revision it was made from: a second tab does not write over the first, the same save twice is one', async () => {
  const { id } = await kitchen();
  const [fryer] = await loadFryers(id);
  const planId = randomUUID();
  const save = (mass_g: number, base: number | null) =>
    savePlan(id, planId, { fryerId: fryer!.id, document: { ...FIRST_PLAN, mass_g }, base });
  expect(await save(300, 0)).toEqual({ ok: true, value: { revision: 1 } });
  expect(await save(400, 1)).toEqual({ ok: true, value: { revision: 2 } });
  expect(await save(500, 1)).toMatchObject({ ok: false, failure: { code: 'changed-elsewhere', revision: 2 } });
  expect(await save(400, 1)).toEqual({ ok: true, value: { revision: 2 } });
  expect(await save(500, 2)).toEqual({ ok: true, value: { revision: 3 } });
  expect((await loadPlan(id, planId))?.document.mass_g).toBe(500);
});

test('sixteen versions at once take sixteen numbers', async () => {
  const { id } = await kitchen();
  const [fryer] = await loadFryers(id);
  const planId = randomUUID();
  await savePlan(id, planId, { fryerId: fryer!.id, document: FIRST_PLAN, base: 0 });
  const kept = await Promise.all(Array.from({ length: 16 }, () => keepVersion(id, planId)));
  expect(kept.every(({ ok }) => ok)).toBe(true);
  const versions = await value(loadVersions(id, planId));
  expect(versions.map(({ version }) => version).sort((a, b) => a - b)).toEqual(
    Array.from({ length: 16 }, (_, i) => i + 1),
  );
});

test('a session opens its kitchen until it is ended; its token can be exchanged', async () => {
  const { id } = await kitchen();
  const token = await value(openSession({ kitchenId: id, role: 'owner', device: 'a laptop' }));
  const session = await value(readSession(token));
  expect(session).toMatchObject({ kitchenId: id, role: 'owner', claimed: false, batchId: null });
  const forged = `${token.startsWith('A') ? 'B' : 'A'}${token.slice(1)}`;
  expect(await readSession(forged)).toMatchObject({ ok: false });
  const next = await value(exchangeToken(session));
  expect(await readSession(token)).toMatchObject({ ok: false });
  expect((await value(readSession(next))).id).toBe(session.id);
  await endSession(id, session.id, 'signed-out', 'a laptop');
  expect(await readSession(next)).toMatchObject({ ok: false });
  expect((await value(loadAccess(id))).audit).toMatchObject([{ what: 'signed-out', who: 'a laptop' }]);
  const { rows } = await ownerDatabase().query('SELECT count(*)::int AS n FROM sessions WHERE kitchen_id = $1', [id]);
  expect(rows[0]).toEqual({ n: 0 });
});

test('whoever is in the demo kitchen is a cook, never its owner', async () => {
  const made = await ownerDatabase().query<{ kitchen_id: string }>(
    `INSERT INTO kitchens (name, is_demo) VALUES ('Larder', true)
     ON CONFLICT (is_demo) WHERE is_demo DO UPDATE SET name = EXCLUDED.name RETURNING kitchen_id`,
  );
  const token = await value(openSession({ kitchenId: made.rows[0]!.kitchen_id, device: 'a stranger' }));
  expect(await value(readSession(token))).toMatchObject({ role: 'cook', isDemo: true });
  expect(await removeKitchen(made.rows[0]!.kitchen_id, 'Larder', 'a stranger')).toMatchObject({ ok: false });
});

test('an archive larger than one query takes comes in whole', async () => {
  const { id } = await kitchen();
  const batchId = await batchIn(id);
  for (let from = 0; from < 1200; from += 200) {
    await appendEvents(
      id,
      batchId,
      Array.from({ length: 200 }, (_, i) => event('more-time', (from + i) / 100)),
    );
  }
  const bytes = await archiveOf(id);
  const other = await kitchen();
  await ownerDatabase().query('DELETE FROM fryers WHERE kitchen_id = $1', [other.id]);
  expect((await value(takeIn(other.id, bytes))).same).toBe(true);
  expect((await value(loadLog(other.id))).batches[0]!.events).toHaveLength(1200);
});

test('a doublet that stays one is refused, not called an outage', async () => {
  const twice = () =>
    withDatabase(async () => {
      await ownerDatabase().query(`INSERT INTO batch_event_kinds (kind) VALUES ('loaded')`);
      return succeed(null);
    });
  expect(await twice()).toEqual({ ok: false, failure: { code: 'unstorable' } });
});

test('an invitation to a run lends the run, one to the kitchen the kitchen; looking uses nothing up', async () => {
  const { id } = await kitchen();
  const batchId = await batchIn(id);
  const { token } = await value(inviteDevice(id, batchId));
  await value(peekInvite(token));
  expect(await value(peekInvite(token))).toMatchObject({ kitchenId: id, batchId });
  const joined = await value(acceptInvite(token, 'a phone'));
  const lent = await value(openSession({ kitchenId: id, batchId: joined.batchId!, device: 'a phone' }));
  expect(await value(readSession(lent))).toMatchObject({ role: 'follower', batchId });
  const whole = await value(inviteCook(id));
  expect(await value(acceptInvite(whole.token, 'a phone'))).toEqual({ kitchenId: id, batchId: null, role: 'cook' });
  expect(await peekInvite(whole.token)).toMatchObject({ ok: false });
});

test('a kitchen goes out and comes in, equal by checksum, here or elsewhere, twice without doubling', async () => {
  const { id } = await kitchen();
  const [fryer] = await loadFryers(id);
  await savePlan(id, randomUUID(), { fryerId: fryer!.id, document: { ...FIRST_PLAN, name: 'Kohlrabi 🥔' }, base: 0 });
  const batchId = await batchIn(id);
  await appendEvents(id, batchId, [event('loaded', 0), event('looked', 9, { browning: 1 }), event('done', 20)]);
  const said = {
    crispness: 'crisp',
    browning: 1.1,
    evenness: 'even',
    liked: null,
    heart: null,
    next: null,
    faults: [],
    note: 'good',
    fingerprint: [1, 2],
  } as const;
  await recordOutcome(id, batchId, { ...said, faults: [...said.faults], fingerprint: [...said.fingerprint] });
  const bytes = await archiveOf(id);

  const again = await value(takeIn(id, bytes));
  expect(again).toEqual({ added: 0, same: true });
  const other = await kitchen();
  await ownerDatabase().query('DELETE FROM fryers WHERE kitchen_id = $1', [other.id]);
  const taken = await value(takeIn(other.id, bytes));
  expect(taken.same).toBe(true);
  expect(taken.added).toBe(7);
  expect(await value(takeIn(other.id, bytes))).toEqual({ added: 0, same: true });
  const [copy] = (await value(loadLog(other.id))).batches;
  expect(copy!.events.map(({ kind }) => kind)).toEqual(['loaded', 'looked', 'done']);
  expect(copy!.outcome?.note).toBe('good');
  expect(await takeIn(other.id, new Uint8Array([1, 2, 3]))).toMatchObject({ ok: false });
});

test('a fryer with a batch in it refuses a second one unless it is meant, and is free once that is out, put away or left', async () => {
  const { id } = await kitchen();
  const first = await batchIn(id);
  const ask = (beside = false) =>
    beginBatch(id, {
      batchId: randomUUID(),
      fryerName: 'Large drawer',
      document: FIRST_PLAN,
      forecast: FORECAST,
      beside,
    });
  await value(ask());
  await appendEvents(id, first, [event('loaded', 0)]);
  expect(await ask()).toMatchObject({ ok: false, failure: { code: 'fryer-busy', batchId: first } });
  await value(ask(true));
  const away = event('put-away', 10);
  await appendEvents(id, first, [away]);
  await value(ask());
  await appendEvents(id, first, [event('undone', 11, { event: away.id })]);
  expect(await ask()).toMatchObject({ ok: false });
  await appendEvents(id, first, [event('done', 20)]);
  await value(ask());
});

test('a kitchen is removed only by its name, a day later, and can be had back until then', async () => {
  const { id, name } = await kitchen();
  expect(await removeKitchen(id, 'something', 'test')).toMatchObject({ ok: false });
  await value(removeKitchen(id, name, 'test'));
  expect((await value(loadKitchen(id))).removedAt).not.toBeNull();
  await value(keepKitchen(id, 'test'));
  expect((await value(loadKitchen(id))).removedAt).toBeNull();
  await value(removeKitchen(id, name, 'test'));
  await batchIn(id);
  await ownerDatabase().query(`UPDATE kitchens SET removed_at = now() - interval '25 hours' WHERE kitchen_id = $1`, [
    id,
  ]);
  const { id: other } = await kitchen();
  await value(openSession({ kitchenId: other, device: 'x' }));
  await value(tidyUp());
  expect(await loadKitchen(id)).toMatchObject({ ok: false });
});

test('an allowance is one for all, and comes back with time', async () => {
  const key = randomUUID();
  const asked = [];
  for (let n = 0; n < 25; n++) asked.push(await mayRequest('join', key));
  expect(asked.filter(Boolean)).toHaveLength(20);
  await ownerDatabase().query(`UPDATE request_limits SET at = at - interval '1 minute' WHERE key = $1`, [
    `join ${key}`,
  ]);
  expect(await mayRequest('join', key)).toBe(true);
});

test('health writes, and text that no database keeps is a failure of its own, not an error', async () => {
  expect(await checkHealth()).toBe('fine');
  const { id } = await kitchen();
  const [fryer] = await loadFryers(id);
  const document = { ...FIRST_PLAN, name: 'a\u0000b' };
  expect(await savePlan(id, randomUUID(), { fryerId: fryer!.id, document, base: 0 })).toEqual({
    ok: false,
    failure: { code: 'unstorable' },
  });
});
