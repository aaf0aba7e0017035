import type { WrittenEvening } from '@/schemas/evening-file';
import type { EveningEvent } from '@/schemas/evening-event';
import { change, find, list, type Runner } from '../query';

/** An evening; its document is not yet trusted. */
export interface EveningRow {
  evening_id: string;
  name: string;
  serve_at: Date;
  document: unknown;
  revision: number;
  removed_at: Date | null;
}

/** What a cook told of an evening; its detail is not yet trusted. */
export interface EveningEventRow {
  event_id: string;
  seq: string;
  kind: string;
  detail: unknown;
  happened_at: Date;
}

const COLUMNS = 'evening_id, name, serve_at, document, revision, removed_at';

/** Evenings that are kept, the latest first; at most 100. */
export async function listEvenings(kitchenId: string): Promise<EveningRow[]> {
  return list<EveningRow>(
    `SELECT ${COLUMNS} FROM evenings WHERE kitchen_id = $1 AND removed_at IS NULL ORDER BY serve_at DESC LIMIT 100`,
    [kitchenId],
  );
}

export async function findEvening(kitchenId: string, eveningId: string, runner?: Runner): Promise<EveningRow | null> {
  return find<EveningRow>(
    `SELECT ${COLUMNS} FROM evenings WHERE kitchen_id = $1 AND evening_id = $2`,
    [kitchenId, eveningId],
    runner,
  );
}

/** The same, locked until the transaction ends. */
export async function lockEvening(kitchenId: string, eveningId: string, runner: Runner): Promise<EveningRow | null> {
  return find<EveningRow>(
    `SELECT ${COLUMNS} FROM evenings WHERE kitchen_id = $1 AND evening_id = $2 FOR UPDATE`,
    [kitchenId, eveningId],
    runner,
  );
}

/** Stores an evening under the id its device chose and returns its revision; one of another kitchen is left alone and null returned. */
export async function upsertEvening(
  kitchenId: string,
  eveningId: string,
  document: WrittenEvening,
  runner?: Runner,
): Promise<number | null> {
  const row = await find<{ revision: number }>(
    `INSERT INTO evenings (evening_id, kitchen_id, name, serve_at, document) VALUES ($1, $2, $3, $4, $5)
     ON CONFLICT (evening_id) DO UPDATE
       SET name = EXCLUDED.name, serve_at = EXCLUDED.serve_at, document = EXCLUDED.document,
           updated_at = clock_timestamp(), removed_at = NULL, revision = evenings.revision + 1
       WHERE evenings.kitchen_id = EXCLUDED.kitchen_id RETURNING revision`,
    [eveningId, kitchenId, document.name, document.serve_at, JSON.stringify(document)],
    runner,
  );
  return row?.revision ?? null;
}

/** Takes an evening out of the list or puts it back. */
export async function setEveningRemoved(kitchenId: string, eveningId: string, removed: boolean): Promise<boolean> {
  const changed = await change(
    `UPDATE evenings SET removed_at = CASE WHEN $3 THEN clock_timestamp() END WHERE kitchen_id = $1 AND evening_id = $2`,
    [kitchenId, eveningId, removed],
  );
  return changed === 1;
}

/** What was told of an evening after the event of this number, in the order in which it came in; at most 2,000. */
export async function listEveningEvents(
  kitchenId: string,
  eveningId: string,
  after: string,
): Promise<EveningEventRow[]> {
  return list<EveningEventRow>(
    `SELECT event_id, seq, kind, detail, happened_at FROM evening_events
     WHERE kitchen_id = $1 AND evening_id = $2 AND seq > $3 ORDER BY seq LIMIT 2000`,
    [kitchenId, eveningId, after],
  );
}

/**
 * Adds what was told; what is there already is left as it is. Numbers are drawn while the evening is held, so that they are seen in
 * their order: a reader who has come to one has missed none before it.
 */
export async function insertEveningEvents(
  kitchenId: string,
  eveningId: string,
  events: readonly EveningEvent[],
  runner?: Runner,
): Promise<void> {
  await change(
    `WITH held AS MATERIALIZED (
       SELECT kitchen_id, evening_id FROM evenings WHERE kitchen_id = $1 AND evening_id = $2 FOR NO KEY UPDATE
     )
     INSERT INTO evening_events (event_id, kitchen_id, evening_id, kind, detail, happened_at)
     SELECT (own->>'id')::uuid, held.kitchen_id, held.evening_id, own->>'kind', own->'detail',
       to_timestamp((own->>'happenedAt')::double precision / 1000)
     FROM held CROSS JOIN jsonb_array_elements($3::jsonb) AS own ON CONFLICT (event_id) DO NOTHING`,
    [kitchenId, eveningId, JSON.stringify(events)],
    runner,
  );
}
