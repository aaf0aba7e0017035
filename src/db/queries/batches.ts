import { change, find, list, type Runner } from '../query';
import type { WrittenPlan } from '@/schemas/write-plan';

/** A batch as begun; document and forecast are not yet trusted. */
export interface BatchRow {
  batch_id: string;
  fryer_name: string;
  document: unknown;
  forecast: unknown;
  begun_at: Date;
  left_out: boolean;
}

/** One stored event. */
export interface BatchEventRow {
  event_id: string;
  batch_id: string;
  kind: string;
  version: number;
  detail: unknown;
  happened_at: Date;
  recorded_at: Date;
  /** its number within the batch */
  seq: number;
}

const COLUMNS = 'batch_id, fryer_name, document, forecast, begun_at, left_out_at IS NOT NULL AS left_out';
const EVENT_COLUMNS = 'event_id, batch_id, kind, version, detail, happened_at, recorded_at, seq::float8 AS seq';

export async function findBatch(kitchenId: string, batchId: string): Promise<BatchRow | null> {
  return find<BatchRow>(`SELECT ${COLUMNS} FROM batches WHERE kitchen_id = $1 AND batch_id = $2`, [kitchenId, batchId]);
}

export async function listBatches(kitchenId: string, limit: number): Promise<BatchRow[]> {
  return list<BatchRow>(
    `SELECT ${COLUMNS} FROM batches WHERE kitchen_id = $1 AND removed_at IS NULL ORDER BY begun_at DESC LIMIT $2`,
    [kitchenId, limit],
  );
}

const FOOD = `COALESCE(b.document->'food'->>'name', b.document->>'food')`;

/** What of the log is looked for; what is empty is not asked. */
export interface LogSearch {
  readonly words: string;
  /** foods whose name has these words */
  readonly wordFoods: readonly string[];
  readonly food: string;
  readonly shape: string;
  readonly fryer: string;
  /** 'none' where nothing was said */
  readonly next: string;
  readonly since: Date | null;
  readonly order: 'newest' | 'oldest' | 'dish';
}

const ORDERS = {
  newest: 'b.begun_at DESC, b.batch_id',
  oldest: 'b.begun_at, b.batch_id',
  dish: `lower(b.document->>'name'), b.begun_at DESC, b.batch_id`,
} as const;

/** Batches that are looked for, a page of them, each with how many there are in all. */
export async function searchBatches(
  kitchenId: string,
  { words, wordFoods, food, shape, fryer, next, since, order }: LogSearch,
  limit: number,
  offset: number,
): Promise<(BatchRow & { total: number })[]> {
  return list<BatchRow & { total: number }>(
    `SELECT b.batch_id, b.fryer_name, b.document, b.forecast, b.begun_at, b.left_out_at IS NOT NULL AS left_out,
       (count(*) OVER ())::int AS total
     FROM batches AS b LEFT JOIN outcomes AS o USING (kitchen_id, batch_id)
     WHERE b.kitchen_id = $1 AND b.removed_at IS NULL
       AND ($2 = '' OR ${FOOD} = ANY($3)
         OR strpos(lower(concat_ws(' ', b.document->>'name', ${FOOD}, b.fryer_name, o.note)), lower($2)) > 0)
       AND ($4 = '' OR ${FOOD} = $4)
       AND ($5 = '' OR b.document->'cut'->>'shape' = $5)
       AND ($6 = '' OR b.fryer_name = $6)
       AND ($7 = '' OR COALESCE(o.next_time, 'none') = $7)
       AND ($8::timestamptz IS NULL OR b.begun_at >= $8)
     ORDER BY ${ORDERS[order]} LIMIT $9 OFFSET $10`,
    [kitchenId, words, wordFoods, food, shape, fryer, next, since, limit, offset],
  );
}

/** A dish of the kitchen as it was cooked last; the document is not yet trusted. */
export interface DishRow {
  document: unknown;
  fryer_name: string;
  /** batches of it, and of all dishes, among those looked at */
  times: number;
  total: number;
}

/** What the kitchen has cooked of late, by food and shape, most often first; rehearsals are none. @param newest batches that are looked at */
export async function listDishes(kitchenId: string, newest: number): Promise<DishRow[]> {
  return list<DishRow>(
    `WITH recent AS (
       SELECT b.document, b.fryer_name, b.begun_at, concat_ws(' ', ${FOOD}, b.document->'cut'->>'shape') AS dish
       FROM batches AS b
       WHERE b.kitchen_id = $1 AND b.removed_at IS NULL
         AND NOT EXISTS (SELECT FROM batch_events AS e WHERE e.kitchen_id = $1 AND e.batch_id = b.batch_id AND e.kind = 'rehearsed')
       ORDER BY b.begun_at DESC LIMIT $2
     ), dishes AS (
       SELECT DISTINCT ON (dish) document, fryer_name, begun_at,
         (count(*) OVER (PARTITION BY dish))::int AS times, (count(*) OVER ())::int AS total
       FROM recent ORDER BY dish, begun_at DESC
     )
     SELECT document, fryer_name, times, total FROM dishes ORDER BY times DESC, begun_at DESC`,
    [kitchenId, newest],
  );
}

/** Which foods, shapes and fryers the log has, the most frequent first. */
export async function listLogFacets(kitchenId: string): Promise<{ kind: 'food' | 'shape' | 'fryer'; value: string }[]> {
  return list<{ kind: 'food' | 'shape' | 'fryer'; value: string }>(
    `SELECT kind, value FROM (
       SELECT 'food' AS kind, ${FOOD} AS value FROM batches AS b WHERE kitchen_id = $1 AND removed_at IS NULL
       UNION ALL SELECT 'shape', b.document->'cut'->>'shape' FROM batches AS b WHERE kitchen_id = $1 AND removed_at IS NULL
       UNION ALL SELECT 'fryer', fryer_name FROM batches WHERE kitchen_id = $1 AND removed_at IS NULL
     ) AS own WHERE value IS NOT NULL GROUP BY kind, value ORDER BY count(*) DESC, value`,
    [kitchenId],
  );
}

/** Stores a batch once; false when the id is taken already. */
export async function insertBatch(
  kitchenId: string,
  batch: { batchId: string; fryerName: string; document: WrittenPlan; forecast: unknown; begunAt?: Date },
  runner?: Runner,
): Promise<boolean> {
  const changed = await change(
    `INSERT INTO batches (batch_id, kitchen_id, fryer_name, document, forecast, begun_at)
     VALUES ($1, $2, $3, $4, $5, COALESCE($6, now())) ON CONFLICT (batch_id) DO NOTHING`,
    [
      batch.batchId,
      kitchenId,
      batch.fryerName,
      JSON.stringify(batch.document),
      JSON.stringify(batch.forecast),
      batch.begunAt ?? null,
    ],
    runner,
  );
  return changed === 1;
}

export async function listBatchEvents(kitchenId: string, batchIds: readonly string[]): Promise<BatchEventRow[]> {
  return list<BatchEventRow>(
    `SELECT ${EVENT_COLUMNS} FROM batch_events WHERE kitchen_id = $1 AND batch_id = ANY($2) ORDER BY batch_id, seq`,
    [kitchenId, batchIds],
  );
}

/** Events of one batch stored after number `after`, in order. */
export async function listNewEvents(kitchenId: string, batchId: string, after: number): Promise<BatchEventRow[]> {
  return list<BatchEventRow>(
    `SELECT ${EVENT_COLUMNS} FROM batch_events WHERE kitchen_id = $1 AND batch_id = $2 AND seq > $3 ORDER BY seq`,
    [kitchenId, batchId, after],
  );
}

/** The kind of each event of a batch, by its id. */
export async function listEventKinds(
  kitchenId: string,
  batchId: string,
  runner: Runner,
): Promise<{ event_id: string; kind: string }[]> {
  return list<{ event_id: string; kind: string }>(
    'SELECT event_id, kind FROM batch_events WHERE kitchen_id = $1 AND batch_id = $2',
    [kitchenId, batchId],
    runner,
  );
}

/** Locks a batch for what is appended to it and returns the number of its newest event, or null where there is none. */
export async function lockBatch(kitchenId: string, batchId: string, runner: Runner): Promise<number | null> {
  const row = await find<{ last_seq: number }>(
    'SELECT last_seq::float8 AS last_seq FROM batches WHERE kitchen_id = $1 AND batch_id = $2 FOR UPDATE',
    [kitchenId, batchId],
    runner,
  );
  return row?.last_seq ?? null;
}

/** Which of these events of this kitchen are stored, and for which batch. */
export async function findEvents(
  ids: readonly string[],
  runner: Runner,
): Promise<{ event_id: string; batch_id: string }[]> {
  return list<{ event_id: string; batch_id: string }>(
    'SELECT event_id, batch_id FROM batch_events WHERE event_id = ANY($1)',
    [ids],
    runner,
  );
}

/** Appends events to a locked batch, numbered from `after` on in the order given, and returns the ids of those that were new. */
export async function insertBatchEvents(
  kitchenId: string,
  batchId: string,
  after: number,
  events: readonly { id: string; kind: string; version: number; detail: unknown; happenedAt: Date }[],
  runner: Runner,
): Promise<string[]> {
  if (events.length === 0) return [];
  const stored = await list<{ event_id: string }>(
    `INSERT INTO batch_events (event_id, kitchen_id, batch_id, kind, version, detail, happened_at, seq)
     SELECT id, $1, $2, kind, version, detail, happened_at, $3 + position
     FROM unnest($4::uuid[], $5::text[], $6::smallint[], $7::jsonb[], $8::timestamptz[])
       WITH ORDINALITY AS told (id, kind, version, detail, happened_at, position)
     ORDER BY id ON CONFLICT (event_id) DO NOTHING RETURNING event_id`,
    [
      kitchenId,
      batchId,
      after,
      events.map(({ id }) => id),
      events.map(({ kind }) => kind),
      events.map(({ version }) => version),
      events.map(({ detail }) => JSON.stringify(detail)),
      events.map(({ happenedAt }) => happenedAt),
    ],
    runner,
  );
  await change(
    'UPDATE batches SET last_seq = $3 WHERE kitchen_id = $1 AND batch_id = $2',
    [kitchenId, batchId, after + events.length],
    runner,
  );
  return stored.map(({ event_id }) => event_id);
}
