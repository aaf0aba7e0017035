import type { BatchEvent } from '@/core/cook/run-state';
import { type EventStore, forgetEvents, keepEvent, waitingEvents } from './event-queue';

function memoryStore(): EventStore {
  const entries = new Map<string, string>();
  return {
    getItem: (key) => entries.get(key) ?? null,
    setItem: (key, value) => void entries.set(key, value),
    removeItem: (key) => void entries.delete(key),
  };
}

const BATCH = '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11';
const event = (id: string): BatchEvent => ({ id, kind: 'shaken', happenedAt: 1_700_000_000_000, detail: {} });
const ONE = event('11111111-1111-4111-8111-111111111111');
const TWO = event('22222222-2222-4222-8222-222222222222');

test('what is kept waits until it is forgotten, and what comes meanwhile stays', () => {
  const store = memoryStore();
  keepEvent(store, BATCH, ONE);
  const sent = waitingEvents(store, BATCH);
  keepEvent(store, BATCH, TWO);
  forgetEvents(
    store,
    BATCH,
    sent.map((kept) => kept.id),
  );
  expect(waitingEvents(store, BATCH)).toEqual([TWO]);
  forgetEvents(store, BATCH, [TWO.id]);
  expect(waitingEvents(store, BATCH)).toEqual([]);
});

test('batches are kept apart, and rubbish counts as nothing', () => {
  const store = memoryStore();
  keepEvent(store, BATCH, ONE);
  expect(waitingEvents(store, 'another')).toEqual([]);
  store.setItem(`drubek.events.${BATCH}`, '{"not": "events"}');
  expect(waitingEvents(store, BATCH)).toEqual([]);
});
