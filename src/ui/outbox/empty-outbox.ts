import type { BatchEvent } from '@/core/run/batch-event';
import { isNotNow, send } from '../send';
import type { EventQueue } from './event-queue';

/** Most events sent at once, and their length as text; both below what the server takes. */
const MOST_AT_ONCE = 100;
const LARGEST = 40_000;

/** What came of emptying: all is gone, or it was not the time (the server is away, or this browser is in another kitchen) and something still waits. */
export type Emptied = 'empty' | 'away';

const under = new Map<string, Promise<unknown>>();

/** Sends what waits for a batch, some at a time, until nothing waits or the server is away. What is refused is set aside, the rest goes on. */
export function emptyOutbox(queue: EventQueue, batchId: string): Promise<Emptied> {
  /* one at a time; who comes later has what it brought looked at as well */
  const work = (under.get(batchId) ?? Promise.resolve()).then(() => empty(queue, batchId));
  under.set(batchId, work);
  const tidy = () => {
    if (under.get(batchId) === work) under.delete(batchId);
  };
  void work.then(tidy, tidy);
  return work;
}

async function empty(queue: EventQueue, batchId: string): Promise<Emptied> {
  const place = await queue.placeOf(batchId);
  for (;;) {
    const events = chunkOf(await queue.waiting(batchId));
    if (events.length === 0) return 'empty';
    const sent = await send('POST', `/api/batches/${batchId}/events`, { events }, false, place);
    if (sent.kind === 'away' || isNotNow(sent)) return 'away';
    const refused = refusedIn(sent.answer);
    if (sent.kind === 'refused' && refused.length === 0) {
      /* refused as a whole: one by one, so that only what is wrong is set aside */
      if (events.length > 1) {
        if ((await oneByOne(queue, batchId, events, place)) === 'away') return 'away';
        continue;
      }
      await queue.refuse(events[0]!.id, sent.error);
      continue;
    }
    for (const { id, error } of refused) await queue.refuse(id, error);
    const odd = new Set(refused.map(({ id }) => id));
    await queue.forget(events.map(({ id }) => id).filter((id) => !odd.has(id)));
  }
}

async function oneByOne(
  queue: EventQueue,
  batchId: string,
  events: readonly BatchEvent[],
  place: string | null,
): Promise<Emptied> {
  for (const event of events) {
    const sent = await send('POST', `/api/batches/${batchId}/events`, { events: [event] }, false, place);
    if (sent.kind === 'away' || isNotNow(sent)) return 'away';
    if (sent.kind === 'refused') await queue.refuse(event.id, refusedIn(sent.answer)[0]?.error ?? sent.error);
    else await queue.forget([event.id]);
  }
  return 'empty';
}

function chunkOf(events: readonly BatchEvent[]): BatchEvent[] {
  let length = 0;
  return events.slice(0, MOST_AT_ONCE).filter((event, i) => {
    length += JSON.stringify(event).length + 1;
    return i === 0 || length < LARGEST;
  });
}

function refusedIn(answer: unknown): { id: string; error: string }[] {
  const told = answer && typeof answer === 'object' && 'refused' in answer ? answer.refused : [];
  return Array.isArray(told) ? (told as { id: string; error: string }[]) : [];
}
