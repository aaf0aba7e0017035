import { randomUUID } from 'node:crypto';
import { type BatchEventKind, eventOfKind, type Told } from '@/core/run/batch-event';
import { eveningRun } from '@/core/evening/evening-run';
import { closeDatabase } from '@/db/pool';
import { newEvening } from '@/editing/edit-evening';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { appendEvents, beginBatch } from '@/services/batches';
import { loadEveningOf } from '@/services/load-of-evening';
import { loadEvenings, readEvening, saveEvening } from '@/services/evenings';
import { createKitchen, loadFryers } from '@/services/kitchen';
import { archiveOf, takeIn } from '../support/archive';
import { closeOwnerDatabase, ownerDatabase } from '../support/owner-database';

afterAll(() => Promise.all([closeDatabase(), closeOwnerDatabase()]));

const LOADED_AT = Date.UTC(2026, 10, 27, 18, 30);
const FORECAST = { done_min: 19, done_p10_min: null, done_p90_min: null, window: null, first_check_min: null };
const STEP = 'chips:load-1';

async function kitchenWithEvening(): Promise<{ id: string; eveningId: string }> {
  const made = await createKitchen();
  if (!made.ok) throw new Error(made.failure.code);
  const { id } = made.value;
  const [fryer] = await loadFryers(id);
  const eveningId = randomUUID();
  const document = newEvening('Friday', new Date('2026-11-28T19:00:00Z'), [fryer!.id]);
  await saveEvening(id, eveningId, { document, base: null });
  return { id, eveningId };
}

async function beginLoad(id: string, eveningId: string): Promise<string> {
  const batchId = randomUUID();
  const evening = { eveningId, step: STEP, fryers: 'fryer:a' };
  const begun = await beginBatch(id, {
    batchId,
    fryerName: 'Large drawer',
    document: FIRST_PLAN,
    forecast: FORECAST,
    evening,
  });
  expect(begun.ok).toBe(true);
  return batchId;
}

function happened<Kind extends BatchEventKind>(kind: Kind, minute: number, ...told: Told<Kind>) {
  return eventOfKind(kind, { id: randomUUID(), happenedAt: LOADED_AT + minute * 60_000 }, ...told);
}

async function runOf(id: string, eveningId: string) {
  const read = await readEvening(id, eveningId, '0');
  if (!read.ok) throw new Error(read.failure.code);
  return eveningRun(read.value.events).steps.get(STEP);
}

test('what happens in Cook happens in its evening: loaded, pulled, taken back; told twice, it stands once', async () => {
  const { id, eveningId } = await kitchenWithEvening();
  const batchId = await beginLoad(id, eveningId);
  expect(await loadEveningOf(id, batchId)).toMatchObject({ value: { id: eveningId, step: STEP } });
  expect(await runOf(id, eveningId)).toBeUndefined();
  const loaded = happened('loaded', 0);
  await appendEvents(id, batchId, [loaded, happened('shaken', 8)]);
  await appendEvents(id, batchId, [loaded]);
  expect(await runOf(id, eveningId)).toEqual({ begun: LOADED_AT - 60_000, done: null, batch: batchId });
  const pulled = happened('done', 19);
  await appendEvents(id, batchId, [pulled]);
  expect(await runOf(id, eveningId)).toMatchObject({ done: LOADED_AT + 19 * 60_000 });
  await appendEvents(id, batchId, [happened('undone', 19.5, { event: pulled.id })]);
  expect(await runOf(id, eveningId)).toMatchObject({ done: null });
  const read = await readEvening(id, eveningId, '0');
  expect(read.ok && read.value.events).toHaveLength(3);
});

test('a rehearsal of a load tells the evening nothing, nor does a batch on its own', async () => {
  const { id, eveningId } = await kitchenWithEvening();
  const batchId = await beginLoad(id, eveningId);
  await appendEvents(id, batchId, [
    happened('rehearsed', -1, { speed: 60, real: LOADED_AT }),
    happened('loaded', 0),
    happened('done', 19),
  ]);
  expect(await runOf(id, eveningId)).toBeUndefined();
  const alone = randomUUID();
  await beginBatch(id, { batchId: alone, fryerName: 'Large drawer', document: FIRST_PLAN, forecast: FORECAST });
  expect(await loadEveningOf(id, alone)).toMatchObject({ value: null });
  await appendEvents(id, alone, [happened('loaded', 0)]);
  expect(await runOf(id, eveningId)).toBeUndefined();
});

test('a load of another kitchen’s evening is a batch on its own', async () => {
  const theirs = await kitchenWithEvening();
  const mine = await kitchenWithEvening();
  const batchId = await beginLoad(mine.id, theirs.eveningId);
  expect(await loadEveningOf(mine.id, batchId)).toMatchObject({ value: null });
  await appendEvents(mine.id, batchId, [happened('loaded', 0)]);
  expect(await runOf(theirs.id, theirs.eveningId)).toBeUndefined();
});

test('the archive carries which load a batch was into another kitchen, equal by its checksum', async () => {
  const { id, eveningId } = await kitchenWithEvening();
  await appendEvents(id, await beginLoad(id, eveningId), [happened('loaded', 0)]);
  const out = await archiveOf(id);
  const other = await createKitchen();
  if (!other.ok) throw new Error('no archive');
  await ownerDatabase().query('DELETE FROM fryers WHERE kitchen_id = $1', [other.value.id]);
  expect(await takeIn(other.value.id, out)).toMatchObject({ value: { same: true } });
  const list = await loadEvenings(other.value.id);
  const copied = list.ok ? list.value[0]!.id : '';
  const run = await runOf(other.value.id, copied);
  /* the evening's own batch there, not the one it was copied from */
  expect(await loadEveningOf(other.value.id, run!.batch!)).toMatchObject({ value: { id: copied, step: STEP } });
  expect(await takeIn(other.value.id, out)).toMatchObject({ value: { added: 0 } });
});
