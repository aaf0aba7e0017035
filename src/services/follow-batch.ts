import type { BatchEvent } from '@/core/cook/run-state';
import { onBatchEvents } from '@/db/notices';
import { loadBatch } from './batches';

/** Reads a batch's events now and whenever one is stored by any process; a database that is away is passed over in silence. */
export function followBatch(
  kitchenId: string,
  batchId: string,
  onEvents: (events: readonly BatchEvent[]) => void,
): () => void {
  let reading = false;
  let again = false;
  const read = async () => {
    if (reading) {
      again = true;
      return;
    }
    reading = true;
    const batch = await loadBatch(kitchenId, batchId);
    if (batch.ok) onEvents(batch.value.events);
    reading = false;
    if (again) {
      again = false;
      void read();
    }
  };
  const stop = onBatchEvents(batchId, () => void read());
  void read();
  return stop;
}
