import { subDays } from 'date-fns';
import type { z } from 'zod';
import { listFoods } from '@/core/food/catalogue';
import { LOG_SPANS, type LogAsk } from '@/schemas/log-ask';
import type { BatchEvent } from '@/core/run/batch-event';
import { deriveRun } from '@/core/run/run-state';
import { REAL_TIME } from '@/core/run/shown-clock';
import {
  findBatch,
  findEvents,
  insertBatch,
  insertBatchEvents,
  listBatches,
  listBatchEvents,
  listLogFacets,
  lockBatch,
  searchBatches,
  type BatchEventRow,
  type BatchRow,
} from '@/db/queries/batches';
import { listOutcomes, upsertOutcome, type OutcomeRow } from '@/db/queries/outcomes';
import { insertEveningBatch } from '@/db/queries/evening-batches';
import { transact } from '@/db/query';
import {
  batchForecastSchema,
  outcomeSchema,
  type recordOutcomeSchema,
  type Batch,
  type BatchForecast,
  type Outcome,
} from '@/schemas/batch';
import { planFileSchema, type PlanFile } from '@/schemas/plan-file';
import { writePlanFile } from '@/schemas/write-plan';
import { batchEventSchema, EVENT_VERSION, readEvent } from '@/schemas/batch-event';
import { cutText } from '@/schemas/storable-text';
import { faultsOf } from '@/schemas/faults';
import { tellItsEvening } from './load-of-evening';
import { fail, type Result, succeed, withKitchen } from './result';

/** Most batches the log lists. */
const LOG_LIMIT = 200;

function batchOf(row: BatchRow, events: BatchEventRow[], outcomes: OutcomeRow[]): Batch | null {
  const document = planFileSchema.safeParse(row.document);
  const forecast = batchForecastSchema.safeParse(row.forecast);
  if (!document.success || !forecast.success) return null;
  const outcome = outcomes.find((candidate) => candidate.batch_id === row.batch_id);
  const own = events.filter((event) => event.batch_id === row.batch_id);
  const read = own.flatMap((event) => eventOf(event) ?? []);
  return {
    id: row.batch_id,
    fryerName: row.fryer_name,
    document: document.data,
    forecast: forecast.data,
    begunAt: row.begun_at.getTime(),
    events: read,
    seq: own.at(-1)?.seq ?? 0,
    unreadable: own.length - read.length,
    clockBehind: clockBehindOf(own),
    outcome: outcome ? outcomeOf(outcome) : null,
    fingerprint: outcome?.fingerprint ?? [],
    leftOut: row.left_out,
  };
}

/**
 * ms by which the clock that tells a run is behind the server's: the quickest message says it best, as others waited somewhere.
 * Null where there is none, and in a rehearsal.
 */
export function clockBehindOf(rows: readonly BatchEventRow[]): number | null {
  if (rows.length === 0 || rows.some(({ kind }) => kind === 'rehearsed')) return null;
  return Math.min(...rows.map(({ recorded_at, happened_at }) => recorded_at.getTime() - happened_at.getTime()));
}

/** A stored event in today's form; null where it cannot be read. */
export function eventOf(row: BatchEventRow): BatchEvent | null {
  const { event_id: id, kind, happened_at, detail, version } = row;
  return readEvent(version, { id, kind, happenedAt: happened_at.getTime(), detail });
}

function outcomeOf(row: OutcomeRow): Outcome | null {
  const { crispness, browning, evenness, faults, note, liked, heart, next_time: next } = row;
  const parsed = outcomeSchema.safeParse({ crispness, browning, evenness, faults, note, liked, heart, next });
  return parsed.success ? parsed.data : null;
}

/** One batch of this kitchen. */
export function loadBatch(kitchenId: string, batchId: string): Promise<Result<Batch>> {
  return withKitchen(kitchenId, async () => {
    const row = await findBatch(kitchenId, batchId);
    if (!row) return fail({ code: 'not-found' });
    const [events, outcomes] = await Promise.all([
      listBatchEvents(kitchenId, [batchId]),
      listOutcomes(kitchenId, [batchId]),
    ]);
    const batch = batchOf(row, events, outcomes);
    return batch ? succeed(batch) : fail({ code: 'unreadable' });
  });
}

/** The kitchen's batches that today's format reads, and how many others there are. */
export interface Log {
  readonly batches: Batch[];
  readonly unreadable: number;
}

/** The kitchen's batches, newest first. */
export function loadLog(kitchenId: string): Promise<Result<Log>> {
  return withKitchen(kitchenId, async () => {
    const rows = await listBatches(kitchenId, LOG_LIMIT);
    const ids = rows.map((row) => row.batch_id);
    const [events, outcomes] = await Promise.all([listBatchEvents(kitchenId, ids), listOutcomes(kitchenId, ids)]);
    const batches = rows.flatMap((row) => batchOf(row, events, outcomes) ?? []);
    return succeed({ batches, unreadable: rows.length - batches.length });
  });
}

/** Batches on one page of the log. Source: chosen. */
export const LOG_PAGE = 40;

/** What the log has of what is looked for, and what can be looked for. */
export interface LogPage extends Log {
  /** of all pages */
  readonly total: number;
  readonly foods: readonly string[];
  readonly shapes: readonly string[];
  readonly fryers: readonly string[];
}

/** One page of the log. */
export function searchLog(kitchenId: string, { words, span, page, ...ask }: LogAsk): Promise<Result<LogPage>> {
  return withKitchen(kitchenId, async () => {
    const since = span === '' ? null : subDays(new Date(), LOG_SPANS[span]);
    const typed = words.toLowerCase();
    const wordFoods = typed === '' ? [] : listFoods().filter(({ name }) => name.toLowerCase().includes(typed));
    const search = { ...ask, words, since, wordFoods: wordFoods.map(({ id }) => id) };
    const [rows, facets] = await Promise.all([
      searchBatches(kitchenId, search, LOG_PAGE, (page - 1) * LOG_PAGE),
      listLogFacets(kitchenId),
    ]);
    const ids = rows.map((row) => row.batch_id);
    const [events, outcomes] = await Promise.all([listBatchEvents(kitchenId, ids), listOutcomes(kitchenId, ids)]);
    const batches = rows.flatMap((row) => batchOf(row, events, outcomes) ?? []);
    const valuesOf = (kind: string) => facets.filter((facet) => facet.kind === kind).map(({ value }) => value);
    return succeed({
      batches,
      unreadable: rows.length - batches.length,
      total: rows[0]?.total ?? 0,
      foods: valuesOf('food'),
      shapes: valuesOf('shape'),
      fryers: valuesOf('fryer'),
    });
  });
}

/** Begins a batch under the id its device chose; the same request again changes nothing. */
export function beginBatch(
  kitchenId: string,
  {
    beside = false,
    evening,
    ...batch
  }: {
    batchId: string;
    fryerName: string;
    document: PlanFile;
    forecast: BatchForecast;
    beside?: boolean;
    /** the load of an evening that it is */
    evening?: { eveningId: string; step: string; fryers: string };
  },
): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    const busy = beside ? null : await batchInFryer(kitchenId, batch.fryerName, batch.batchId);
    if (busy) return fail({ code: 'fryer-busy', ...busy });
    const stored = await transact(async (client) => {
      const isNew = await insertBatch(kitchenId, { ...batch, document: writePlanFile(batch.document) }, client);
      if (isNew && evening) await insertEveningBatch(kitchenId, batch.batchId, evening, client);
      return isNew;
    });
    if (stored || (await findBatch(kitchenId, batch.batchId))) return succeed(null);
    return fail({ code: 'other-kitchen' });
  });
}

/** Longest that a batch loaded and never pulled is taken to be in its fryer still, ms. Source: chosen. */
const LEFT_AFTER = 3 * 3_600_000;

/** Batches looked at for one that is still in a fryer. */
const NEWEST = 20;

/** The batch that cooks in a fryer now, besides this one; null where it is free. A rehearsal takes up none. */
async function batchInFryer(kitchenId: string, fryerName: string, but: string) {
  const rows = (await listBatches(kitchenId, NEWEST)).filter(
    (row) => row.fryer_name === fryerName && row.batch_id !== but,
  );
  const events = await listBatchEvents(
    kitchenId,
    rows.map((row) => row.batch_id),
  );
  for (const row of rows) {
    const own = events.filter((event) => event.batch_id === row.batch_id).flatMap((event) => eventOf(event) ?? []);
    const run = deriveRun(own);
    const { loadedAt } = run;
    if (run.phase !== 'cooking' || run.putAway || run.clock !== REAL_TIME || loadedAt === null) continue;
    if (Date.now() - loadedAt > LEFT_AFTER) continue;
    const name = planFileSchema.safeParse(row.document).data?.name ?? 'A batch';
    return { batchId: row.batch_id, name, loadedAt };
  }
  return null;
}

/** Whether this kitchen has the batch. */
export function hasBatch(kitchenId: string, batchId: string): Promise<Result<null>> {
  return withKitchen(kitchenId, async () =>
    (await findBatch(kitchenId, batchId)) ? succeed(null) : fail({ code: 'not-found' }),
  );
}

/** An event that was not taken, and why. */
export interface RefusedEvent {
  readonly id: string;
  readonly error: string;
}

/** Appends what can be kept of the events told, and says which cannot be; those stored before are left as they were. */
export function appendEvents(
  kitchenId: string,
  batchId: string,
  told: readonly unknown[],
): Promise<Result<{ refused: RefusedEvent[] }>> {
  const refused: RefusedEvent[] = [];
  const events: BatchEvent[] = [];
  for (const one of told) {
    const parsed = batchEventSchema.safeParse(one, { reportInput: true });
    if (parsed.success) events.push(parsed.data);
    else {
      const [fault] = faultsOf(parsed.error);
      refused.push({ id: idOf(one), error: `${fault?.path}: ${fault?.message}` });
    }
  }
  if (events.length === 0) return Promise.resolve(fail({ code: 'bad-events', refused }));
  return withKitchen(kitchenId, async () => {
    const taken = await transact(async (client) => {
      const last = await lockBatch(kitchenId, batchId, client);
      if (last === null) return null;
      const ids = events.map(({ id }) => id);
      const known = new Map((await findEvents(ids, client)).map((row) => [row.event_id, row.batch_id]));
      const fresh = new Map(events.filter(({ id }) => !known.has(id)).map((event) => [event.id, event]));
      const rows = [...fresh.values()].map(({ happenedAt, ...event }) => ({
        ...event,
        version: EVENT_VERSION,
        happenedAt: new Date(happenedAt),
      }));
      /* an id that another kitchen has is not seen here, only refused */
      const stored = new Set(await insertBatchEvents(kitchenId, batchId, last, rows, client));
      await tellItsEvening(
        kitchenId,
        batchId,
        events.filter(({ id }) => stored.has(id)),
        client,
      );
      return ids.filter((id) => (known.has(id) ? known.get(id) !== batchId : !stored.has(id)));
    });
    if (taken === null) return fail({ code: 'not-found' });
    if (taken.length > 0 && taken.length + refused.length === told.length) return fail({ code: 'id-taken' });
    const others = taken.map((id) => ({ id, error: 'another batch has an event of this id' }));
    return succeed({ refused: [...refused, ...others] });
  });
}

function idOf(value: unknown): string {
  return value && typeof value === 'object' && 'id' in value && typeof value.id === 'string'
    ? cutText(value.id, 60)
    : '';
}

/** Stores what the cook says of a batch; a later word replaces an earlier one. */
export function recordOutcome(
  kitchenId: string,
  batchId: string,
  { fingerprint, next, ...outcome }: z.output<typeof recordOutcomeSchema>,
): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    if (!(await findBatch(kitchenId, batchId))) return fail({ code: 'not-found' });
    await upsertOutcome(kitchenId, batchId, { ...outcome, next_time: next, fingerprint });
    return succeed(null);
  });
}
