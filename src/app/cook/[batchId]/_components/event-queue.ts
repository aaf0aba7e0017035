import { type DBSchema, openDB } from 'idb';
import type { BatchEvent } from '@/core/run/run-state';
import { batchEventSchema } from '@/schemas/batch';

/** Where events wait until the server has confirmed them. */
export interface EventQueue {
  /** false where the browser keeps nothing: what waits is then gone with the page */
  readonly lasts: boolean;
  /** Events of a batch that wait, oldest first. Unreadable rubbish counts as none. */
  waiting(batchId: string): Promise<BatchEvent[]>;
  /** Keeps an event before anything is sent, so that a crash in the next moment loses nothing. */
  keep(batchId: string, event: BatchEvent): Promise<void>;
  /** Forgets events that the server has confirmed; those that came meanwhile stay. */
  forget(ids: readonly string[]): Promise<void>;
}

interface QueueSchema extends DBSchema {
  events: { key: string; value: { id: string; batchId: string; event: unknown }; indexes: { batch: string } };
}

/** The queue of this browser: IndexedDB, or memory where there is none. */
export async function openQueue(): Promise<EventQueue> {
  try {
    const database = await openDB<QueueSchema>('drubek', 1, {
      upgrade: (fresh) => fresh.createObjectStore('events', { keyPath: 'id' }).createIndex('batch', 'batchId'),
    });
    return {
      lasts: true,
      waiting: async (batchId) => readable(await database.getAllFromIndex('events', 'batch', batchId)),
      async keep(batchId, event) {
        const transaction = database.transaction('events', 'readwrite', { durability: 'strict' });
        await Promise.all([transaction.store.put({ id: event.id, batchId, event }), transaction.done]);
      },
      async forget(ids) {
        const transaction = database.transaction('events', 'readwrite');
        await Promise.all([...ids.map((id) => transaction.store.delete(id)), transaction.done]);
      },
    };
  } catch {
    return memoryQueue();
  }
}

function memoryQueue(): EventQueue {
  const kept = new Map<string, { batchId: string; event: BatchEvent }>();
  return {
    lasts: false,
    waiting: async (batchId) => readable([...kept.values()].filter((entry) => entry.batchId === batchId)),
    keep: async (batchId, event) => void kept.set(event.id, { batchId, event }),
    forget: async (ids) => ids.forEach((id) => kept.delete(id)),
  };
}

function readable(entries: readonly { readonly event: unknown }[]): BatchEvent[] {
  return entries
    .flatMap(({ event }) => batchEventSchema.safeParse(event).data ?? [])
    .sort((a, b) => a.happenedAt - b.happenedAt);
}
