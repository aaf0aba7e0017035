import { change, find, type Runner } from '../query';

/** Which load of which evening a batch is. */
export interface EveningBatchRow {
  evening_id: string;
  step: string;
  fryers: string;
}

/** Says once which load a batch is; false where the evening is not this kitchen's, or it was said before. */
export async function insertEveningBatch(
  kitchenId: string,
  batchId: string,
  { eveningId, step, fryers }: { eveningId: string; step: string; fryers: string },
  runner: Runner,
): Promise<boolean> {
  const changed = await change(
    `INSERT INTO evening_batches (batch_id, kitchen_id, evening_id, step, fryers)
     SELECT $2, kitchen_id, evening_id, $4, $5 FROM evenings WHERE kitchen_id = $1 AND evening_id = $3
     ON CONFLICT (batch_id) DO NOTHING`,
    [kitchenId, batchId, eveningId, step, fryers],
    runner,
  );
  return changed === 1;
}

/** The load that a batch is; null for a batch on its own. */
export async function findEveningBatch(
  kitchenId: string,
  batchId: string,
  runner?: Runner,
): Promise<EveningBatchRow | null> {
  return find<EveningBatchRow>(
    'SELECT evening_id, step, fryers FROM evening_batches WHERE kitchen_id = $1 AND batch_id = $2',
    [kitchenId, batchId],
    runner,
  );
}
