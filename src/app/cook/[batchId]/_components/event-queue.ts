import type { BatchEvent } from '@/core/cook/run-state';
import { appendEventsSchema } from '@/schemas/batch';

/** Where events wait until the server has them: this much of localStorage. */
export type EventStore = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

const keyOf = (batchId: string) => `drubek.events.${batchId}`;

/** Events of a batch that the server has not confirmed. Unreadable rubbish counts as none. */
export function waitingEvents(store: EventStore, batchId: string): BatchEvent[] {
  const text = store.getItem(keyOf(batchId));
  if (!text) return [];
  try {
    const parsed = appendEventsSchema.safeParse({ events: JSON.parse(text) });
    return parsed.success ? parsed.data.events : [];
  } catch {
    return [];
  }
}

/** Keeps an event before anything is sent, so that a crash in the next moment loses nothing. */
export function keepEvent(store: EventStore, batchId: string, event: BatchEvent): void {
  store.setItem(keyOf(batchId), JSON.stringify([...waitingEvents(store, batchId), event]));
}

/** Forgets events that the server has confirmed; those that came meanwhile stay. */
export function forgetEvents(store: EventStore, batchId: string, ids: readonly string[]): void {
  const left = waitingEvents(store, batchId).filter((event) => !ids.includes(event.id));
  if (left.length === 0) store.removeItem(keyOf(batchId));
  else store.setItem(keyOf(batchId), JSON.stringify(left));
}
