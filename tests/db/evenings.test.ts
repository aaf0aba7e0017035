import { randomUUID } from 'node:crypto';
import { setTimeout } from 'node:timers/promises';
import { closeDatabase } from '@/db/pool';
import { insertEveningEvents } from '@/db/queries/evenings';
import { inKitchen, transact } from '@/db/query';
import { newEvening, withDish } from '@/editing/edit-evening';
import { workOf } from '@/editing/evening-problem';
import { OWN_DISHES, ownDishFor } from '@/editing/own-dishes';
import { EVENING_EVENT_KINDS, type EveningEvent, eveningEventSchema } from '@/schemas/evening-event';
import {
  copyEvening,
  loadEvening,
  loadEvenings,
  loadPaces,
  readEvening,
  removeEvening,
  saveEvening,
  tellEvening,
} from '@/services/evenings';
import type { EveningFile } from '@/schemas/evening-file';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { createKitchen, loadFryers } from '@/services/kitchen';
import { archiveOf, takeIn } from '../support/archive';
import { closeOwnerDatabase, ownerDatabase } from '../support/owner-database';

afterAll(() => Promise.all([closeDatabase(), closeOwnerDatabase()]));

async function kitchen(): Promise<{ id: string; evening: ReturnType<typeof newEvening> }> {
  const made = await createKitchen();
  if (!made.ok) throw new Error(made.failure.code);
  const [fryer] = await loadFryers(made.value.id);
  const bare = newEvening('Friday', new Date('2026-11-28T19:00:00Z'), [fryer!.id]);
  return { id: made.value.id, evening: withDish(bare, ownDishFor(OWN_DISHES[0]!, 'dip', 4, 4)) };
}

const begun = (step: string, happenedAt = 1_780_000_000_000): EveningEvent => ({
  id: randomUUID(),
  kind: 'begun',
  happenedAt,
  detail: { step },
});

test('an evening is kept, read back the same, listed, taken out and put back', async () => {
  const { id, evening } = await kitchen();
  const eveningId = randomUUID();
  expect(await saveEvening(id, eveningId, { document: evening, base: null })).toMatchObject({ value: { revision: 1 } });
  expect(await loadEvening(id, eveningId)).toMatchObject({
    ok: true,
    value: { document: JSON.parse(JSON.stringify(evening)), revision: 1 },
  });
  expect(await loadEvenings(id)).toMatchObject({ value: [{ name: 'Friday', people: 4, dishes: ['Herb dip'] }] });
  await removeEvening(id, eveningId, true);
  expect(await loadEvenings(id)).toMatchObject({ value: [] });
  expect(await loadEvening(id, eveningId)).toMatchObject({ failure: { code: 'not-found' } });
  await removeEvening(id, eveningId, false);
  expect(await loadEvening(id, eveningId)).toMatchObject({ ok: true });
});

test('a save never goes over what was changed since; the same again changes nothing', async () => {
  const { id, evening } = await kitchen();
  const eveningId = randomUUID();
  await saveEvening(id, eveningId, { document: evening, base: null });
  const six = { ...evening, people: 6 };
  expect(await saveEvening(id, eveningId, { document: six, base: 1 })).toMatchObject({ value: { revision: 2 } });
  expect(await saveEvening(id, eveningId, { document: six, base: 1 })).toMatchObject({ value: { revision: 2 } });
  const refused = await saveEvening(id, eveningId, { document: { ...evening, people: 9 }, base: 1 });
  expect(refused).toMatchObject({ failure: { code: 'changed-elsewhere', revision: 2, document: { people: 6 } } });
});

test('what cooks tell comes to every device once, from where it has read', async () => {
  const { id, evening } = await kitchen();
  const eveningId = randomUUID();
  await saveEvening(id, eveningId, { document: evening, base: null });
  const [first, second] = [begun('dip:own-1'), begun('dip:own-2')];
  await Promise.all([tellEvening(id, eveningId, [first]), tellEvening(id, eveningId, [first])]);
  const read = await readEvening(id, eveningId, '0');
  expect(read).toMatchObject({ value: { events: [first], revision: 1 } });
  await tellEvening(id, eveningId, [first, second]);
  const more = await readEvening(id, eveningId, read.ok ? read.value.cursor : '0');
  expect(more.ok && more.value.events).toEqual([second]);
  expect(await loadEvening(id, eveningId)).toMatchObject({ value: { events: [first, second] } });
});

test('another kitchen neither reads nor changes nor tells of it', async () => {
  const [mine, theirs] = [await kitchen(), await kitchen()];
  const eveningId = randomUUID();
  await saveEvening(mine.id, eveningId, { document: mine.evening, base: null });
  expect(await loadEvening(theirs.id, eveningId)).toMatchObject({ failure: { code: 'not-found' } });
  expect(await tellEvening(theirs.id, eveningId, [begun('dip:own-1')])).toMatchObject({
    failure: { code: 'not-found' },
  });
  expect(await saveEvening(theirs.id, eveningId, { document: theirs.evening, base: null })).toMatchObject({
    ok: false,
  });
  expect(await removeEvening(theirs.id, eveningId, true)).toMatchObject({ failure: { code: 'not-found' } });
  expect(await loadEvening(mine.id, eveningId)).toMatchObject({ value: { revision: 1, events: [] } });
});

test('the kinds of events in the database are those of the schema', async () => {
  const { rows } = await ownerDatabase().query<{ kind: string }>('SELECT kind FROM evening_event_kinds ORDER BY kind');
  expect(rows.map(({ kind }) => kind)).toEqual([...EVENING_EVENT_KINDS].toSorted());
  const inSchema = eveningEventSchema.options.map((option) => option.shape.kind.value);
  expect(inSchema).toEqual([...EVENING_EVENT_KINDS]);
});

test('a row that today’s format cannot read is a failure with a code, never left out silently', async () => {
  const { id, evening } = await kitchen();
  const eveningId = randomUUID();
  await saveEvening(id, eveningId, { document: evening, base: null });
  await tellEvening(id, eveningId, [begun('dip:own-1')]);
  await ownerDatabase().query(`UPDATE evening_events SET detail = '{"step": 3}' WHERE evening_id = $1`, [eveningId]);
  expect(await loadEvening(id, eveningId)).toMatchObject({ failure: { code: 'unreadable' } });
  expect(await readEvening(id, eveningId, '0')).toMatchObject({ failure: { code: 'unreadable' } });
});

test('planned again: the same dishes for another day, nothing told of it; what cooks took at the board is known', async () => {
  const { id, evening } = await kitchen();
  const [eveningId, copyId] = [randomUUID(), randomUUID()];
  const chips: EveningFile = { ...withDish(evening, { kind: 'plan', id: 'chips', plan: FIRST_PLAN }), cooks: ['Ada'] };
  await saveEvening(id, eveningId, { document: chips, base: null });
  const { board } = workOf('chips', FIRST_PLAN);
  const at = Date.parse('2026-11-28T18:00:00Z');
  await tellEvening(id, eveningId, [
    begun('chips:board', at),
    { id: randomUUID(), kind: 'done', happenedAt: at + 2000 * board, detail: { step: 'chips:board', cook: 0 } },
  ]);
  const paces = await loadPaces(id);
  expect(paces.ok && paces.value.Ada!.factor).toBeCloseTo(Math.SQRT2, 2);
  const serveAt = Date.parse('2026-12-05T18:30:00Z');
  expect(await copyEvening(id, eveningId, { eveningId: copyId, serveAt })).toMatchObject({ ok: true });
  expect(await loadEvening(id, copyId)).toMatchObject({
    value: { events: [], document: { serve_at: '2026-12-05T18:30:00.000Z', people: 4, cooks: ['Ada'] } },
  });
  expect(await copyEvening(id, randomUUID(), { eveningId: randomUUID(), serveAt })).toMatchObject({
    failure: { code: 'not-found' },
  });
});

test('in another kitchen an evening names that kitchen’s copies of its fryers, and the archive is equal by its checksum', async () => {
  const { id, evening } = await kitchen();
  const eveningId = randomUUID();
  const [fryer] = await loadFryers(id);
  const order = [{ fryer_id: fryer!.id, steps: ['dip:own-1'] }];
  await saveEvening(id, eveningId, { document: { ...evening, order }, base: null });
  const told = begun('dip:own-1');
  await tellEvening(id, eveningId, [
    { ...told, kind: 'begun', detail: { step: 'dip:own-1', fryers: `fryer:${fryer!.id}` } },
  ]);
  const out = await archiveOf(id);
  const other = await kitchen();
  await ownerDatabase().query('DELETE FROM fryers WHERE kitchen_id = $1', [other.id]);
  expect(await takeIn(other.id, out)).toMatchObject({ value: { same: true } });
  const [copied] = await loadFryers(other.id);
  expect(copied!.id).not.toBe(fryer!.id);
  const list = await loadEvenings(other.id);
  const copy = await loadEvening(other.id, list.ok ? list.value[0]!.id : '');
  expect(copy).toMatchObject({
    value: {
      document: { fryers: [{ fryer_id: copied!.id }], order: [{ fryer_id: copied!.id }] },
      events: [{ detail: { fryers: `fryer:${copied!.id}` } }],
    },
  });
  expect(await takeIn(other.id, out)).toMatchObject({ value: { added: 0, same: true } });
});

test('two who tell at once: whoever reads between them misses neither', async () => {
  const { id, evening } = await kitchen();
  const eveningId = randomUUID();
  await saveEvening(id, eveningId, { document: evening, base: null });
  const [slow, quick] = [begun('dip:own-1'), begun('dip:own-2')];
  let beside: Promise<unknown> = Promise.resolve();
  const cursor = await inKitchen(id, () =>
    transact(async (runner) => {
      await insertEveningEvents(id, eveningId, [slow], runner);
      beside = tellEvening(id, eveningId, [quick]);
      /* time enough for the quick one to be stored, were it not to wait for its turn */
      await Promise.race([beside, setTimeout(300)]);
      const between = await readEvening(id, eveningId, '0');
      return between.ok ? between.value.cursor : '0';
    }),
  );
  await beside;
  expect(await readEvening(id, eveningId, cursor)).toMatchObject({ value: { events: [slow, quick] } });
});
