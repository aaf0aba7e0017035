import { randomUUID } from 'node:crypto';
import { appendEvents, beginBatch, recordOutcome } from '@/services/batches';
import { createKitchen, loadFryers } from '@/services/kitchen';
import { pastBatch } from './batch';
import { SHAKEN_PLAN } from './shaken-plan';

/** A kitchen of its own, with its fryer. */
export async function kitchen() {
  const made = await createKitchen();
  if (!made.ok) throw new Error('no kitchen');
  const [fryer] = await loadFryers(made.value.id);
  return { id: made.value.id, fryer: fryer! };
}

/** A batch of the shaken plan that was pulled late and liked: the fryer is slow. */
export async function lateBatch(kitchenId: string, fryerName: string, minute = 27) {
  const batchId = randomUUID();
  const { forecast } = pastBatch();
  await beginBatch(kitchenId, { batchId, fryerName, document: SHAKEN_PLAN, forecast, beside: true });
  const at = (min: number) => Date.now() - 3_600_000 + min * 60_000;
  await appendEvents(kitchenId, batchId, [
    { id: randomUUID(), kind: 'loaded', happenedAt: at(0), detail: {} },
    { id: randomUUID(), kind: 'looked', happenedAt: at(12), detail: { look: 'paler', shown: 0.35 } },
    { id: randomUUID(), kind: 'done', happenedAt: at(minute), detail: {} },
  ]);
  await recordOutcome(kitchenId, batchId, {
    crispness: 'crisp',
    browning: 0.9,
    evenness: 'even',
    faults: [],
    note: 'heap of them',
    liked: 'as-wished',
    heart: null,
    next: 'again',
    fingerprint: [0.7, 0.9, 1.1],
  });
  return batchId;
}
