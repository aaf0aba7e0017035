import { type DBSchema, openDB } from 'idb';
import type { BatchEvent } from '@/core/run/batch-event';
import { batchEventSchema } from '@/schemas/batch-event';

/** An event that the server refused, and why. */
export interface SetAside {
  readonly event: BatchEvent;
  readonly why: string;
}

/** Where events wait until the server has confirmed them. */
export interface EventQueue {
  /** false where the browser keeps nothing: what waits is then gone with the page */
  readonly lasts: boolean;
  /** Events of a batch that wait, oldest first. Unreadable rubbish counts as none. */
  waiting(batchId: string): Promise<BatchEvent[]>;
  /** Events of a batch that the server refused; they wait for nothing. */
  setAside(batchId: string): Promise<SetAside[]>;
  /** Batches for which something waits. */
  batches(): Promise<string[]>;
  /** Keeps an event before anything is sent, so that a crash in the next moment loses nothing. */
  keep(batchId: string, event: BatchEvent): Promise<void>;
  /** Marks an event as refused, so that the rest goes on without it. */
  refuse(id: string, why: string): Promise<void>;
  /** Forgets events that the server has confirmed, or the cook has read of; those that came meanwhile stay. */
  forget(ids: readonly string[]): Promise<void>;
}

interface Entry {
  readonly id: string;
  readonly batchId: string;
  readonly event: unknown;
  readonly why?: string;
}

interface QueueSchema extends DBSchema {
  events: { key: string; value: Entry; indexes: { batch: string } };
}

/** The queue of this browser: IndexedDB, or memory where there is none. */
export async function openQueue(): Promise<EventQueue> {
  try {
    const database = await openDB<QueueSchema>('drubek', 1, {
      upgrade: (fresh) => fresh.createObjectStore('events', { keyPath: 'id' }).createIndex('batch', 'batchId'),
    });
    const entriesOf = (batchId: string) => database.getAllFromIndex('events', 'batch', batchId);
    return {
      lasts: true,
      waiting: async (batchId) => readable(await entriesOf(batchId)),
      setAside: async (batchId) => refusedIn(await entriesOf(batchId)),
      batches: async () => batchesIn(await database.getAll('events')),
      async keep(batchId, event) {
        const transaction = database.transaction('events', 'readwrite', { durability: 'strict' });
        await Promise.all([transaction.store.put({ id: event.id, batchId, event }), transaction.done]);
      },
      async refuse(id, why) {
        const transaction = database.transaction('events', 'readwrite');
        const entry = await transaction.store.get(id);
        if (entry) await transaction.store.put({ ...entry, why });
        await transaction.done;
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
  const kept = new Map<string, Entry>();
  const entriesOf = (batchId: string) => [...kept.values()].filter((entry) => entry.batchId === batchId);
  return {
    lasts: false,
    waiting: async (batchId) => readable(entriesOf(batchId)),
    setAside: async (batchId) => refusedIn(entriesOf(batchId)),
    batches: async () => batchesIn([...kept.values()]),
    keep: async (batchId, event) => void kept.set(event.id, { id: event.id, batchId, event }),
    async refuse(id, why) {
      const entry = kept.get(id);
      if (entry) kept.set(id, { ...entry, why });
    },
    forget: async (ids) => ids.forEach((id) => kept.delete(id)),
  };
}

function batchesIn(entries: readonly Entry[]): string[] {
  return [...new Set(entries.filter(({ why }) => why === undefined).map(({ batchId }) => batchId))];
}

function readable(entries: readonly Entry[]): BatchEvent[] {
  return entries
    .flatMap(({ event, why }) => (why === undefined ? (batchEventSchema.safeParse(event).data ?? []) : []))
    .sort((a, b) => a.happenedAt - b.happenedAt);
}

function refusedIn(entries: readonly Entry[]): SetAside[] {
  return entries.flatMap(({ event, why }) => {
    const parsed = why === undefined ? undefined : batchEventSchema.safeParse(event).data;
    return parsed && why !== undefined ? [{ event: parsed, why }] : [];
  });
}
