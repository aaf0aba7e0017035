import { closeDatabase } from '@/db/pool';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { logAskSchema } from '@/schemas/log-ask';
import type { OldNote } from '@/schemas/old-note';
import { searchLog } from '@/services/batches';
import { createKitchen } from '@/services/kitchen';
import { loadUntold } from '@/services/learning';
import { bringNotes } from '@/services/old-notes';
import { value } from '../support/value';

afterAll(closeDatabase);

const DAY = Date.parse('2026-03-01T12:00:00Z');

const note = (day: number, said = ''): OldNote => ({
  document: FIRST_PLAN,
  fryerName: 'Large drawer',
  begunAt: DAY + day * 86_400_000,
  pulledMin: 21.5,
  outcome: {
    crispness: 'crisp',
    browning: 1,
    evenness: 'even',
    faults: [],
    note: said,
    liked: null,
    heart: null,
    next: null,
  },
});
const logOf = async (id: string) => (await value(searchLog(id, logAskSchema.parse({})))).batches;

test('old notes stand in the log on their day, with their pull and what was said; brought again they are not doubled', async () => {
  const { id } = await value(createKitchen());
  expect(await value(bringNotes(id, { notes: [note(0, 'a bit salty'), note(3)], learn: true }))).toEqual({ added: 2 });
  const log = await logOf(id);
  expect(log.map(({ begunAt }) => begunAt)).toEqual([note(3).begunAt, note(0).begunAt]);
  expect(log[1]).toMatchObject({
    fryerName: 'Large drawer',
    forecast: { done_min: null },
    outcome: { note: 'a bit salty', crispness: 'crisp' },
    leftOut: false,
    unreadable: 0,
  });
  expect(log[1]!.events.map(({ kind, happenedAt }) => [kind, happenedAt - log[1]!.begunAt])).toEqual([
    ['loaded', 0],
    ['done', 21.5 * 60_000],
  ]);
  expect(await value(bringNotes(id, { notes: [note(0, 'a bit salty'), note(4)], learn: true }))).toEqual({ added: 1 });
  expect(await logOf(id)).toHaveLength(3);
  /* another kitchen may bring the same table */
  const { id: other } = await value(createKitchen());
  expect(await value(bringNotes(other, { notes: [note(0, 'a bit salty')], learn: true }))).toEqual({ added: 1 });
});

test('forecasts learn from them only where the cook says so; a day to come is refused with all that came with it', async () => {
  const { id } = await value(createKitchen());
  await value(bringNotes(id, { notes: [note(0)], learn: false }));
  expect((await logOf(id))[0]).toMatchObject({ leftOut: true });
  await value(bringNotes(id, { notes: [note(1)], learn: true }));
  expect((await value(loadUntold(id))).length).toBeGreaterThan(0);
  const tomorrow = { ...note(0), begunAt: Date.now() + 86_400_000 };
  expect(await bringNotes(id, { notes: [note(5), tomorrow], learn: true })).toMatchObject({ ok: false });
  expect(await logOf(id)).toHaveLength(2);
});
