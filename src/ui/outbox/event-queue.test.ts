import 'fake-indexeddb/auto';
import { openDB } from 'idb';
import type { BatchEvent } from '@/core/run/batch-event';
import { openQueue } from './event-queue';

const BATCH = '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11';
const OTHER = '4f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11';
const event = (digit: number): BatchEvent => ({
  id: `${digit}1111111-1111-4111-8111-111111111111`,
  kind: 'shaken',
  happenedAt: 1_700_000_000_000 + digit,
  detail: {},
});

test('what is kept waits until it is forgotten, also for a page that is opened later', async () => {
  const queue = await openQueue();
  expect(queue.lasts).toBe(true);
  await queue.keep(BATCH, event(2));
  await queue.keep(BATCH, event(1));
  await queue.keep(OTHER, event(3));
  const later = await openQueue();
  expect(await later.waiting(BATCH)).toEqual([event(1), event(2)]);
  await queue.keep(BATCH, event(4));
  await later.forget([event(1).id, event(2).id]);
  expect(await queue.waiting(BATCH)).toEqual([event(4)]);
  expect(await queue.waiting(OTHER)).toEqual([event(3)]);
});

test('the same event kept twice waits once; rubbish counts as none', async () => {
  const queue = await openQueue();
  await queue.keep(OTHER, event(3));
  const database = await openDB('drubek', 1);
  await database.put('events', { id: 'x', batchId: OTHER, event: { kind: 'exploded' } });
  expect(await queue.waiting(OTHER)).toEqual([event(3)]);
});

test('a browser without a store of its own keeps events while the page lives, and says so', async () => {
  const whole = globalThis.indexedDB;
  Object.defineProperty(globalThis, 'indexedDB', { value: undefined, configurable: true });
  const queue = await openQueue();
  Object.defineProperty(globalThis, 'indexedDB', { value: whole, configurable: true });
  expect(queue.lasts).toBe(false);
  await queue.keep(BATCH, event(5));
  expect(await queue.waiting(BATCH)).toEqual([event(5)]);
  await queue.forget([event(5).id]);
  expect(await queue.waiting(BATCH)).toEqual([]);
});
