import { openQueue } from './event-queue';
import { sendEvents, sendPlans } from './send-waiting';

/** How often what waits is looked after, ms. */
const LOOK_AFTER = 5000;

/** Sends what waits on this device for any batch or plan, now and then again and again; returns what ends it. */
export function lookAfterOutbox(): () => void {
  const queue = openQueue();
  const look = async () => {
    const open = await queue;
    /* the Bench looks after its own plans */
    if (window.location.pathname !== '/' && !(await sendPlans())) return;
    await sendEvents(open);
  };
  const timer = setInterval(() => void look(), LOOK_AFTER);
  void look();
  return () => clearInterval(timer);
}
