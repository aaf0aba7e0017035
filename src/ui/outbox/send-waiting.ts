import { placeHere } from '../place-here';
import { isNotNow, send } from '../send';
import { emptyOutbox } from './empty-outbox';
import { type EventQueue, openQueue } from './event-queue';
import { forgetUnsaved, unsavedPlan, unsavedPlans } from './unsaved-plans';

/** Sends plans of this kitchen that wait. False where it is not the time. */
export async function sendPlans(): Promise<boolean> {
  for (const planId of unsavedPlans()) {
    const { place = null, ...plan } = unsavedPlan(planId) ?? {};
    /* of another kitchen: it waits until this browser is back in it */
    if (place !== null && place !== placeHere()) continue;
    const sent = await send('PUT', `/api/plans/${planId}`, plan);
    if (isNotNow(sent)) return false;
    /* one that is refused, or was changed elsewhere, waits until it is opened: there the cook can choose */
    if (sent.kind === 'done') forgetUnsaved(planId);
  }
  return true;
}

/** Sends what waits of this kitchen's batches. */
export async function sendEvents(queue: EventQueue): Promise<void> {
  for (const batchId of await queue.batches(placeHere())) await emptyOutbox(queue, batchId);
}

/** Sends all that waits of this kitchen, once. @returns plans and batches that still wait for something */
export async function sendWaiting(): Promise<number> {
  const queue = await openQueue();
  await sendPlans();
  await sendEvents(queue);
  const plans = unsavedPlans().filter((planId) => (unsavedPlan(planId)?.place ?? placeHere()) === placeHere());
  return plans.length + (await queue.batches(placeHere())).length;
}
