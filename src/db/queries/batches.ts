import { change, find, list, type Runner } from '../query';
import type { WrittenPlan } from '@/schemas/write-plan';

/** A batch as begun; document and forecast are not yet trusted. */
export interface BatchRow {
  batch_id: string;
  fryer_name: string;
  document: unknown;
  forecast: unknown;
  begun_at: Date;
}

/** One stored event. */
export interface BatchEventRow {
  event_id: string;
  batch_id: string;
  kind: string;
  detail: unknown;
  happened_at: Date;
}

const COLUMNS = 'batch_id, fryer_name, document, forecast, begun_at';
const EVENT_COLUMNS = 'event_id, batch_id, kind, detail, happened_at';

export async function findBatch(kitchenId: string, batchId: string): Promise<BatchRow | null> {
  return find<BatchRow>(`SELECT ${COLUMNS} FROM batches WHERE kitchen_id = $1 AND batch_id = $2`, [kitchenId, batchId]);
}

export async function listBatches(kitchenId: string, limit: number): Promise<BatchRow[]> {
  return list<BatchRow>(`SELECT ${COLUMNS} FROM batches WHERE kitchen_id = $1 ORDER BY begun_at DESC LIMIT $2`, [
    kitchenId,
    limit,
  ]);
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
    `SELECT ${EVENT_COLUMNS} FROM batch_events WHERE kitchen_id = $1 AND batch_id = ANY($2) ORDER BY happened_at`,
    [kitchenId, batchIds],
  );
}

/** Appends an event; the same id a second time changes nothing. */
export async function insertBatchEvent(
  kitchenId: string,
  batchId: string,
  event: { id: string; kind: string; detail: unknown; happenedAt: Date },
  runner?: Runner,
): Promise<void> {
  await change(
    `INSERT INTO batch_events (event_id, kitchen_id, batch_id, kind, detail, happened_at)
     VALUES ($1, $2, $3, $4, $5, $6) ON CONFLICT (event_id) DO NOTHING`,
    [event.id, kitchenId, batchId, event.kind, JSON.stringify(event.detail), event.happenedAt],
    runner,
  );
}
