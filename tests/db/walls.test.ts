import { EVIDENCE_VERSION } from '@/core/learn/evidence';
import { QUANTITY_COUNT } from '@/core/learn/quantities';
import { newEvening } from '@/editing/edit-evening';
import { saveEvening, tellEvening } from '@/services/evenings';
import { keepFryerTest } from '@/services/fryer-tests';
import { keepPhoto } from '@/services/photos';
import { beginTrial, drawPair, taste } from '@/services/trials';
import { keepEvidence, loadUntold } from '@/services/learning';
import { randomUUID } from 'node:crypto';
import { closeDatabase, database } from '@/db/pool';
import { change, inKitchen, list } from '@/db/query';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { appendEvents, beginBatch, recordOutcome } from '@/services/batches';
import { inviteCook } from '@/services/invites';
import { createKitchen, saveCutter } from '@/services/kitchen';
import { keepVersion, loadPlan, savePlan } from '@/services/plans';
import { endSession, openSession } from '@/services/sessions';
import { closeOwnerDatabase, ownerDatabase } from '../support/owner-database';

afterAll(() => Promise.all([closeDatabase(), closeOwnerDatabase()]));

const FORECAST = { done_min: 20, done_p10_min: 17, done_p90_min: 24, window: null, first_check_min: 17 };

/** Tables that come in by a secret: seen at the door, but not from another kitchen. */
const AT_THE_DOOR = ['device_invites', 'kitchens', 'members', 'passkeys', 'recovery_codes', 'sessions'];

async function walledTables(): Promise<string[]> {
  const { rows } = await ownerDatabase().query<{ name: string }>(
    `SELECT table_name AS name FROM information_schema.columns
     WHERE table_schema = 'public' AND column_name = 'kitchen_id' ORDER BY 1`,
  );
  return rows.map(({ name }) => name);
}

/** A kitchen with a row in every table. */
async function furnishedKitchen(): Promise<{ id: string; planId: string; batchId: string; eventId: string }> {
  const made = await createKitchen();
  if (!made.ok) throw new Error('no kitchen');
  const { id } = made.value;
  const { rows } = await ownerDatabase().query<{ fryer_id: string }>(
    'SELECT fryer_id FROM fryers WHERE kitchen_id = $1',
    [id],
  );
  const [planId, batchId, eventId] = [randomUUID(), randomUUID(), randomUUID()];
  await saveCutter(id, { id: randomUUID(), name: 'Mandoline', setting: '2', thicknessMm: 2, scatter: 0.03 });
  await savePlan(id, planId, { fryerId: rows[0]!.fryer_id, document: FIRST_PLAN, base: null });
  await keepVersion(id, planId);
  await beginBatch(id, { batchId, fryerName: 'Large drawer', document: FIRST_PLAN, forecast: FORECAST });
  await appendEvents(id, batchId, [{ id: eventId, kind: 'loaded', happenedAt: Date.now(), detail: {} }]);
  await recordOutcome(id, batchId, {
    crispness: 'crisp',
    browning: 1,
    evenness: 'even',
    liked: null,
    heart: null,
    next: null,
    faults: [],
    note: '',
    fingerprint: [],
  });
  await keepPhoto(id, batchId, { photoId: randomUUID(), width: 4, height: 3, image: '/9j/AQID' });
  const untold = await loadUntold(id);
  const toldBy = untold.ok ? untold.value[0]!.toldBy : '';
  const evidence = {
    information: new Array<number>(QUANTITY_COUNT ** 2).fill(0),
    vector: new Array<number>(QUANTITY_COUNT).fill(0),
    answers: 0,
  };
  await keepEvidence(id, batchId, { version: EVIDENCE_VERSION, toldBy, evidence });
  await keepFryerTest(id, rows[0]!.fryer_id, {
    testId: randomUUID(),
    test: { kind: 'thermometer', drawer: null, dial_c: 180, readings: [{ minute: 8, celsius: 170 }] },
  });
  const trialId = randomUUID();
  await beginTrial(id, {
    trialId,
    fryerId: rows[0]!.fryer_id,
    name: 'Which?',
    one: FIRST_PLAN,
    other: FIRST_PLAN,
    wordOne: 'this',
    wordOther: 'that',
  });
  await drawPair(id, trialId);
  await taste(id, trialId, 1, { taster: 'A', crisper: 'alike', rather: 'alike' });
  const eveningId = randomUUID();
  const evening = newEvening('Friday', new Date('2026-11-28T19:00:00Z'), [rows[0]!.fryer_id]);
  await saveEvening(id, eveningId, { document: evening, base: null });
  await tellEvening(id, eveningId, [
    { id: randomUUID(), kind: 'begun', happenedAt: Date.now(), detail: { step: 'dip:own-1' } },
  ]);
  await beginBatch(id, {
    batchId: randomUUID(),
    fryerName: 'Large drawer',
    document: FIRST_PLAN,
    forecast: FORECAST,
    beside: true,
    evening: { eveningId, step: 'chips:load-1', fryers: 'fryer:a' },
  });
  await inviteCook(id);
  await openSession({ kitchenId: id, device: 'a phone' });
  await endSession(id, randomUUID(), 'signed-out', 'nobody');
  const owner = ownerDatabase();
  const member = await owner.query<{ member_id: string }>(
    `INSERT INTO members (kitchen_id, name, role) VALUES ($1, 'Ada', 'owner') RETURNING member_id`,
    [id],
  );
  const memberId = member.rows[0]!.member_id;
  await owner.query(
    `INSERT INTO passkeys (credential_id, kitchen_id, member_id, public_key) VALUES ($1, $2, $3, '\\x00')`,
    [randomUUID(), id, memberId],
  );
  await owner.query('INSERT INTO recovery_codes (code_hash, kitchen_id, member_id) VALUES ($1, $2, $3)', [
    Buffer.from(randomUUID()),
    id,
    memberId,
  ]);
  await owner.query(`INSERT INTO audit (kitchen_id, what, who) VALUES ($1, 'exported', 'a phone')`, [id]);
  return { id, planId, batchId, eventId };
}

test('the app works as a role that owns nothing and may not get round the walls', async () => {
  const { rows } = await database().query(
    `SELECT current_user AS name, rolsuper, rolbypassrls,
       (SELECT count(*)::int FROM pg_class WHERE relowner = pg_roles.oid) AS owns FROM pg_roles WHERE rolname = current_user`,
  );
  expect(rows).toEqual([{ name: 'drubek_app', rolsuper: false, rolbypassrls: false, owns: 0 }]);
});

test('from another kitchen, a query that names no kitchen finds, changes and removes nothing, table by table', async () => {
  const [mine, theirs] = [await furnishedKitchen(), await furnishedKitchen()];
  const tables = await walledTables();
  expect(tables.length).toBeGreaterThanOrEqual(14);
  for (const table of tables) {
    const whole = await ownerDatabase().query(`SELECT FROM ${table} WHERE kitchen_id = $1`, [theirs.id]);
    expect([table, whole.rowCount! > 0]).toEqual([table, true]);
    await inKitchen(mine.id, async () => {
      const seen = await list<{ kitchen_id: string }>(`SELECT DISTINCT kitchen_id FROM ${table}`, []);
      expect([table, seen]).toEqual([table, [{ kitchen_id: mine.id }]]);
      if (table === 'batch_events' || table === 'audit') {
        /* what happened is only ever added to, in the own kitchen too */
        await expect(change(`DELETE FROM ${table}`, [])).rejects.toThrow(/permission denied/);
        await expect(change(`UPDATE ${table} SET kitchen_id = kitchen_id`, [])).rejects.toThrow(/permission denied/);
        return;
      }
      expect(await change(`UPDATE ${table} SET kitchen_id = kitchen_id WHERE kitchen_id = $1`, [theirs.id])).toBe(0);
      expect(await change(`DELETE FROM ${table} WHERE kitchen_id = $1`, [theirs.id])).toBe(0);
    });
    const seenAtDoor = (await list(`SELECT kitchen_id FROM ${table} LIMIT 1`, [])).length > 0;
    expect([table, seenAtDoor]).toEqual([table, AT_THE_DOOR.includes(table)]);
  }
  await inKitchen(mine.id, async () => {
    await expect(
      change(
        `INSERT INTO cutters (cutter_id, kitchen_id, name, setting, thickness_mm, scatter) VALUES ($1, $2, 'x', '1', 2, 0.1)`,
        [randomUUID(), theirs.id],
      ),
    ).rejects.toThrow(/row-level security/);
    await expect(change('UPDATE plans SET kitchen_id = $1', [theirs.id])).rejects.toThrow(/row-level security/);
  });
});

test('an id that another kitchen has is refused by name, and what it names stays', async () => {
  const [mine, theirs] = [await furnishedKitchen(), await furnishedKitchen()];
  const { rows } = await ownerDatabase().query<{ fryer_id: string }>(
    'SELECT fryer_id FROM fryers WHERE kitchen_id = $1',
    [mine.id],
  );
  const document = { ...FIRST_PLAN, name: 'Taken' };
  expect(await savePlan(mine.id, theirs.planId, { fryerId: rows[0]!.fryer_id, document, base: null })).toEqual({
    ok: false,
    failure: { code: 'other-kitchen' },
  });
  expect((await loadPlan(theirs.id, theirs.planId))?.document.name).toBe(FIRST_PLAN.name);
  const loaded = { kind: 'loaded', happenedAt: Date.now(), detail: {} } as const;
  expect(await appendEvents(mine.id, mine.batchId, [{ ...loaded, id: theirs.eventId }])).toEqual({
    ok: false,
    failure: { code: 'id-taken' },
  });
  const shaken = { id: randomUUID(), kind: 'shaken', happenedAt: Date.now(), detail: {} };
  const half = await appendEvents(mine.id, mine.batchId, [{ ...loaded, id: theirs.eventId }, shaken]);
  expect(half).toMatchObject({ ok: true, value: { refused: [{ id: theirs.eventId }] } });
});
