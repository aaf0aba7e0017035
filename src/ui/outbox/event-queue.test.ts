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
  await queue.keep(BATCH, event(2), 'kitchen');
  await queue.keep(BATCH, event(1), 'kitchen');
  await queue.keep(OTHER, event(3), 'kitchen');
  const later = await openQueue();
  expect(await later.waiting(BATCH)).toEqual([event(1), event(2)]);
  await queue.keep(BATCH, event(4), 'kitchen');
  await later.forget([event(1).id, event(2).id]);
  expect(await queue.waiting(BATCH)).toEqual([event(4)]);
  expect(await queue.waiting(OTHER)).toEqual([event(3)]);
});

test('the same event kept twice waits once; rubbish counts as none', async () => {
  const queue = await openQueue();
  await queue.keep(OTHER, event(3), 'kitchen');
  const database = await openDB('drubek', 2);
  await database.put('events', { id: 'x', batchId: OTHER, event: { kind: 'exploded' } });
  expect(await queue.waiting(OTHER)).toEqual([event(3)]);
});

test('a browser without a store of its own keeps events while the page lives, and says so', async () => {
  const whole = globalThis.indexedDB;
  Object.defineProperty(globalThis, 'indexedDB', { value: undefined, configurable: true });
  const queue = await openQueue();
  Object.defineProperty(globalThis, 'indexedDB', { value: whole, configurable: true });
  expect(queue.lasts).toBe(false);
  await queue.keep(BATCH, event(5), 'kitchen');
  expect(await queue.waiting(BATCH)).toEqual([event(5)]);
  await queue.forget([event(5).id]);
  expect(await queue.waiting(BATCH)).toEqual([]);
});

test('what waits is of a kitchen: another one has none of it; what was set aside can wait again', async () => {
  const queue = await openQueue();
  const batch = '5f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11';
  await queue.keep(batch, event(6), 'first kitchen');
  expect(await queue.batches('first kitchen')).toContain(batch);
  expect(await queue.batches('second kitchen')).not.toContain(batch);
  expect(await queue.placeOf(batch)).toBe('first kitchen');
  await queue.refuse(event(6).id, 'no such kind');
  expect(await queue.waiting(batch)).toEqual([]);
  expect(await queue.setAside(batch)).toMatchObject([{ why: 'no such kind' }]);
  await queue.sendAgain([event(6).id]);
  expect(await queue.waiting(batch)).toEqual([event(6)]);
  expect(await queue.placeOf(batch)).toBe('first kitchen');
});
