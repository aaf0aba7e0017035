import { type DBSchema, openDB } from 'idb';
import type { BatchEvent } from '@/core/run/batch-event';
import { batchEventSchema } from '@/schemas/batch-event';
import { LENT } from '@/schemas/place-key';

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
  /** Batches for which something waits that is of this kitchen, or of which nobody knows. @param place key of the kitchen */
  batches(place: string | null): Promise<string[]>;
  /** Of which kitchen a batch is that something waits for; null where nobody knows. */
  placeOf(batchId: string): Promise<string | null>;
  /** Keeps an event before anything is sent, so that a crash in the next moment loses nothing. @param place key of its kitchen */
  keep(batchId: string, event: BatchEvent, place: string | null): Promise<void>;
  /** Marks an event as refused, so that the rest goes on without it. */
  refuse(id: string, why: string): Promise<void>;
  /** Lets events that were set aside wait once more. */
  sendAgain(ids: readonly string[]): Promise<void>;
  /** Forgets events that the server has confirmed, or the cook has read of; those that came meanwhile stay. */
  forget(ids: readonly string[]): Promise<void>;
}

/** What the server says of a batch that is not in the kitchen of the browser. */
const GIVEN_UP = 'There is no such thing in this kitchen.';

interface Entry {
  readonly id: string;
  readonly batchId: string;
  readonly event: unknown;
  readonly place?: string | null;
  readonly why?: string;
}

interface QueueSchema extends DBSchema {
  events: { key: string; value: Entry; indexes: { batch: string } };
}

/** The queue of this browser: IndexedDB, or memory where there is none. */
export async function openQueue(): Promise<EventQueue> {
  try {
    const database = await openDB<QueueSchema>('drubek', 2, {
      async upgrade(fresh, before, _, transaction) {
        if (!fresh.objectStoreNames.contains('events'))
          fresh.createObjectStore('events', { keyPath: 'id' }).createIndex('batch', 'batchId');
        else if (before === 1) {
          /* the first version gave up what was sent from another kitchen: that waits again */
          const store = transaction.objectStore('events');
          for (const entry of await store.getAll()) if (entry.why === GIVEN_UP) await store.put(waitingAgain(entry));
        }
      },
    });
    const entriesOf = (batchId: string) => database.getAllFromIndex('events', 'batch', batchId);
    return {
      lasts: true,
      waiting: async (batchId) => readable(await entriesOf(batchId)),
      setAside: async (batchId) => refusedIn(await entriesOf(batchId)),
      batches: async (place) => batchesIn(await database.getAll('events'), place),
      placeOf: async (batchId) => placeIn(await entriesOf(batchId)),
      async keep(batchId, event, place) {
        const transaction = database.transaction('events', 'readwrite', { durability: 'strict' });
        await Promise.all([transaction.store.put({ id: event.id, batchId, event, place }), transaction.done]);
      },
      async refuse(id, why) {
        const transaction = database.transaction('events', 'readwrite');
        const entry = await transaction.store.get(id);
        if (entry) await transaction.store.put({ ...entry, why });
        await transaction.done;
      },
      async sendAgain(ids) {
        const transaction = database.transaction('events', 'readwrite');
        for (const id of ids) {
          const entry = await transaction.store.get(id);
          if (entry) await transaction.store.put(waitingAgain(entry));
        }
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
    batches: async (place) => batchesIn([...kept.values()], place),
    placeOf: async (batchId) => placeIn(entriesOf(batchId)),
    keep: async (batchId, event, place) => void kept.set(event.id, { id: event.id, batchId, event, place }),
    async refuse(id, why) {
      const entry = kept.get(id);
      if (entry) kept.set(id, { ...entry, why });
    },
    async sendAgain(ids) {
      for (const id of ids) if (kept.has(id)) kept.set(id, waitingAgain(kept.get(id)!));
    },
    forget: async (ids) => ids.forEach((id) => kept.delete(id)),
  };
}

function batchesIn(entries: readonly Entry[], here: string | null): string[] {
  const own = entries.filter(
    ({ why, place }) => why === undefined && (place == null || place === here || place === LENT),
  );
  return [...new Set(own.map(({ batchId }) => batchId))];
}

function placeIn(entries: readonly Entry[]): string | null {
  return entries.find(({ place }) => place != null)?.place ?? null;
}

function waitingAgain({ why: _, ...entry }: Entry): Entry {
  return entry;
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
