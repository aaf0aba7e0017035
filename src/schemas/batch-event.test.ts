import { randomUUID } from 'node:crypto';
import { BATCH_EVENT_KINDS } from '../core/run/batch-event';
import { deriveRun } from '../core/run/run-state';
import { batchEventSchema, readEvent } from './batch-event';

const DETAILS: Partial<Record<(typeof BATCH_EVENT_KINDS)[number], object>> = {
  'prep-begun': { step: 0 },
  'prep-done': { step: 0 },
  'prep-skipped': { step: 0 },
  'prep-took': { step: 0, minutes: 10 },
  bent: { bite: 'as-said', said: 1 },
  looked: { browning: 1 },
  weighed: { grams: 300 },
  'dial-turned': { celsius: 180 },
  'air-read': { celsius: 180 },
  probed: { celsius: 74 },
  rehearsed: { speed: 60, real: 1_700_000_000_000 },
  'after-begun': { step: 1 },
  'after-done': { step: 1 },
  done: { called: 1260 },
  undone: { event: randomUUID() },
};
const event = (kind: string, detail: object = {}) => ({
  id: randomUUID(),
  kind,
  happenedAt: 1_700_000_000_000,
  detail,
});

test('every kind is a member of its own, is read, and the reducer takes it', () => {
  for (const kind of BATCH_EVENT_KINDS) {
    const parsed = batchEventSchema.safeParse(event(kind, DETAILS[kind]));
    expect(parsed.error?.issues ?? []).toEqual([]);
    expect(() => deriveRun([parsed.data!])).not.toThrow();
  }
});

test('a kind carries what belongs to it and nothing else', () => {
  expect(batchEventSchema.safeParse(event('shaken', { celsius: 180 })).success).toBe(false);
  expect(batchEventSchema.safeParse(event('prep-begun')).success).toBe(false);
  expect(batchEventSchema.safeParse(event('dial-turned', { celsius: '180' })).success).toBe(false);
  expect(batchEventSchema.safeParse(event('exploded')).success).toBe(false);
  expect(batchEventSchema.safeParse(event('air-read', { celsius: 180, device: true })).success).toBe(true);
});

test('an event of a later version than this app knows is not guessed at', () => {
  expect(readEvent(1, event('shaken'))).toMatchObject({ kind: 'shaken' });
  expect(readEvent(2, event('shaken'))).toBeNull();
});
