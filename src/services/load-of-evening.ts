import { toldByBatch } from '@/core/evening/told-by-batch';
import type { BatchEvent } from '@/core/run/batch-event';
import { listEventKinds } from '@/db/queries/batches';
import { findEveningBatch } from '@/db/queries/evening-batches';
import { insertEveningEvents } from '@/db/queries/evenings';
import type { Runner } from '@/db/query';
import { type Result, succeed, withKitchen } from './result';

/** The evening whose load a batch is; null for a batch on its own. */
export function loadEveningOf(
  kitchenId: string,
  batchId: string,
): Promise<Result<{ id: string; step: string } | null>> {
  return withKitchen(kitchenId, async () => {
    const row = await findEveningBatch(kitchenId, batchId);
    return succeed(row && { id: row.evening_id, step: row.step });
  });
}

/** Tells the evening whose load a batch is what its newest events mean there; a rehearsal tells nothing. */
export async function tellItsEvening(
  kitchenId: string,
  batchId: string,
  fresh: readonly BatchEvent[],
  runner: Runner,
): Promise<void> {
  const load = await findEveningBatch(kitchenId, batchId, runner);
  if (!load) return;
  const kinds = new Map((await listEventKinds(kitchenId, batchId, runner)).map((row) => [row.event_id, row.kind]));
  if ([...kinds.values()].includes('rehearsed')) return;
  const told = toldByBatch(batchId, load, fresh, (id) => kinds.get(id) as BatchEvent['kind'] | undefined);
  if (told.length > 0) await insertEveningEvents(kitchenId, load.evening_id, told, runner);
}
