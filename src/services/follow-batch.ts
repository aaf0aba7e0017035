import type { BatchEvent } from '@/core/run/run-state';
import { onBatchEvents } from '@/db/notices';
import { loadBatch } from './batches';

/** Wait before events that could not be read are read again, ms. */
const AGAIN = 1000;

/** Reads a batch's events now and whenever one is stored by any process; a database that is away is asked until it is back. */
export function followBatch(
  kitchenId: string,
  batchId: string,
  onEvents: (events: readonly BatchEvent[]) => void,
): () => void {
  let reading = false;
  let again = false;
  let ended = false;
  const read = async () => {
    if (reading) {
      again = true;
      return;
    }
    reading = true;
    const batch = await loadBatch(kitchenId, batchId).catch(() => null);
    reading = false;
    if (ended) return;
    if (batch?.ok) onEvents(batch.value.events);
    else setTimeout(() => void read(), AGAIN).unref();
    if (again) {
      again = false;
      void read();
    }
  };
  const stop = onBatchEvents(batchId, () => void read());
  void read();
  return () => {
    ended = true;
    stop();
  };
}
