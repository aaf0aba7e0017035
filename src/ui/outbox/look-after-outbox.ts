import { send } from '../send';
import { emptyOutbox } from './empty-outbox';
import { openQueue } from './event-queue';
import { forgetUnsaved, unsavedPlan, unsavedPlans } from './unsaved-plans';

/** How often what waits is looked after, ms. */
const LOOK_AFTER = 5000;

/** Sends plans that wait; the Bench looks after its own. False where the server is away. */
async function sendPlans(): Promise<boolean> {
  if (window.location.pathname === '/') return true;
  for (const planId of unsavedPlans()) {
    const sent = await send('PUT', `/api/plans/${planId}`, unsavedPlan(planId));
    if (sent.kind === 'away') return false;
    /* one that is refused, or was changed elsewhere, waits until it is opened: there the cook can choose */
    if (sent.kind === 'done') forgetUnsaved(planId);
  }
  return true;
}

/** Sends what waits on this device for any batch or plan, now and then again and again; returns what ends it. */
export function lookAfterOutbox(): () => void {
  const queue = openQueue();
  const look = async () => {
    const open = await queue;
    if (!(await sendPlans())) return;
    for (const batchId of await open.batches()) if ((await emptyOutbox(open, batchId)) === 'away') return;
  };
  const timer = setInterval(() => void look(), LOOK_AFTER);
  void look();
  return () => clearInterval(timer);
}
