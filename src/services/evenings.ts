import { isDeepStrictEqual } from 'node:util';
import {
  type EveningEventRow,
  type EveningRow,
  findEvening,
  insertEveningEvents,
  listEveningEvents,
  listEvenings,
  lockEvening,
  setEveningRemoved,
  upsertEvening,
} from '@/db/queries/evenings';
import { transact } from '@/db/query';
import { type EveningEvent, eveningEventSchema } from '@/schemas/evening-event';
import { dishName, type EveningFile, eveningFileSchema, writeEveningFile } from '@/schemas/evening-file';
import { paceOf, type Pace } from '@/core/evening/pace';
import { boardRatios } from '@/editing/board-ratios';
import { servedAt } from '@/editing/edit-evening';
import { fail, type Result, succeed, withKitchen } from './result';

/** An evening that is kept. */
export interface SavedEvening {
  readonly id: string;
  readonly document: EveningFile;
  readonly revision: number;
  /** what was told so far */
  readonly events: readonly EveningEvent[];
  /** number of the last of them */
  readonly cursor: string;
}

/** An evening in the list. */
export interface EveningInList {
  readonly id: string;
  readonly name: string;
  /** ms since 1970 */
  readonly serveAt: number;
  readonly people: number;
  readonly dishes: readonly string[];
}

/** Rows as events; one that cannot be read is left out and counted. */
function eventsOf(rows: readonly EveningEventRow[]): { events: EveningEvent[]; unreadable: number } {
  const events = rows.flatMap(({ event_id, kind, detail, happened_at }) => {
    const parsed = eveningEventSchema.safeParse({ id: event_id, kind, detail, happenedAt: happened_at.getTime() });
    return parsed.success ? [parsed.data] : [];
  });
  return { events, unreadable: rows.length - events.length };
}

function inList(row: EveningRow): EveningInList {
  const parsed = eveningFileSchema.safeParse(row.document);
  return {
    id: row.evening_id,
    name: row.name,
    serveAt: row.serve_at.getTime(),
    people: parsed.success ? parsed.data.people : 0,
    dishes: parsed.success ? parsed.data.dishes.map(dishName) : [],
  };
}

/** The kitchen's evenings, the latest first. */
export function loadEvenings(kitchenId: string): Promise<Result<EveningInList[]>> {
  return withKitchen(kitchenId, async () => succeed((await listEvenings(kitchenId)).map(inList)));
}

/** One evening with what was told of it. */
export function loadEvening(kitchenId: string, eveningId: string): Promise<Result<SavedEvening>> {
  return withKitchen(kitchenId, async () => {
    const row = await findEvening(kitchenId, eveningId);
    if (!row || row.removed_at) return fail({ code: 'not-found' });
    const parsed = eveningFileSchema.safeParse(row.document);
    if (!parsed.success) return fail({ code: 'unreadable' });
    const rows = await listEveningEvents(kitchenId, eveningId, '0');
    const { events, unreadable } = eventsOf(rows);
    if (unreadable > 0) return fail({ code: 'unreadable' });
    return succeed({
      id: eveningId,
      document: parsed.data,
      revision: row.revision,
      events,
      cursor: rows.at(-1)?.seq ?? '0',
    });
  });
}

/** Keeps an evening; never over one that was changed since the revision that the save names. @param base null for a new one */
export function saveEvening(
  kitchenId: string,
  eveningId: string,
  { document, base }: { document: EveningFile; base: number | null },
): Promise<Result<{ revision: number }>> {
  return withKitchen(kitchenId, () =>
    transact(async (runner) => {
      const row = await lockEvening(kitchenId, eveningId, runner);
      const written = writeEveningFile(document);
      if (row && base !== row.revision) {
        const { revision } = row;
        if (isDeepStrictEqual(row.document, JSON.parse(JSON.stringify(written)))) return succeed({ revision });
        return fail({ code: 'changed-elsewhere', revision, document: row.document });
      }
      const revision = await upsertEvening(kitchenId, eveningId, written, runner);
      return revision === null ? fail({ code: 'other-kitchen' }) : succeed({ revision });
    }),
  );
}

/** Takes an evening out of the list, or puts it back. */
export function removeEvening(kitchenId: string, eveningId: string, removed: boolean): Promise<Result<null>> {
  return withKitchen(kitchenId, async () =>
    (await setEveningRemoved(kitchenId, eveningId, removed)) ? succeed(null) : fail({ code: 'not-found' }),
  );
}

/** Evenings whose steps teach how long cooks take. Source: chosen; a cook changes. */
const TEACHING = 20;

/** How long each cook takes at the board, by the name, from what the latest evenings told. */
export function loadPaces(kitchenId: string): Promise<Result<Record<string, Pace>>> {
  return withKitchen(kitchenId, async () => {
    const ratios = new Map<string, number[]>();
    for (const row of (await listEvenings(kitchenId)).slice(0, TEACHING)) {
      const parsed = eveningFileSchema.safeParse(row.document);
      if (!parsed.success) continue;
      const { events } = eventsOf(await listEveningEvents(kitchenId, row.evening_id, '0'));
      for (const { name, ratio } of boardRatios(parsed.data, events)) {
        ratios.set(name, [...(ratios.get(name) ?? []), ratio]);
      }
    }
    return succeed(Object.fromEntries([...ratios].map(([name, own]) => [name, paceOf(own)])));
  });
}

/** The same dishes for another day, nothing told of it yet. @param serveAt ms since 1970 */
export function copyEvening(
  kitchenId: string,
  fromId: string,
  { eveningId, serveAt }: { eveningId: string; serveAt: number },
): Promise<Result<{ revision: number }>> {
  return withKitchen(kitchenId, async () => {
    const row = await findEvening(kitchenId, fromId);
    if (!row) return fail({ code: 'not-found' });
    const parsed = eveningFileSchema.safeParse(row.document);
    if (!parsed.success) return fail({ code: 'unreadable' });
    const document = writeEveningFile(servedAt(parsed.data, new Date(serveAt)));
    const revision = await upsertEvening(kitchenId, eveningId, document);
    return revision === null ? fail({ code: 'other-kitchen' }) : succeed({ revision });
  });
}

/** Keeps what a cook told of an evening; the same again changes nothing. */
export function tellEvening(
  kitchenId: string,
  eveningId: string,
  events: readonly EveningEvent[],
): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    if (!(await findEvening(kitchenId, eveningId))) return fail({ code: 'not-found' });
    await insertEveningEvents(kitchenId, eveningId, events);
    return succeed(null);
  });
}

/** What was told of an evening after some event, and how far the evening itself was changed. */
export function readEvening(
  kitchenId: string,
  eveningId: string,
  after: string,
): Promise<Result<{ events: EveningEvent[]; cursor: string; revision: number }>> {
  return withKitchen(kitchenId, async () => {
    const row = await findEvening(kitchenId, eveningId);
    if (!row || row.removed_at) return fail({ code: 'not-found' });
    const rows = await listEveningEvents(kitchenId, eveningId, after);
    const { events, unreadable } = eventsOf(rows);
    if (unreadable > 0) return fail({ code: 'unreadable' });
    return succeed({ events, cursor: rows.at(-1)?.seq ?? after, revision: row.revision });
  });
}
