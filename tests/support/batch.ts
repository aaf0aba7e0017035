import { type BatchEvent, type BatchEventKind, eventOfKind, type Told } from '@/core/run/batch-event';
import type { Batch } from '@/schemas/batch';
import { SHAKEN_PLAN } from './shaken-plan';

export const LOADED_AT = Date.UTC(2026, 10, 20, 18, 30);

/** An event `minute` minutes after loading. */
export function batchEvent<Kind extends BatchEventKind>(kind: Kind, minute: number, ...told: Told<Kind>): BatchEvent {
  return eventOfKind(kind, { id: `${kind}-${minute}`, happenedAt: LOADED_AT + minute * 60_000 }, ...told);
}

/** A batch of the first plan that was shaken, pulled after 20 minutes and came out a little pale. */
export function pastBatch(change: Partial<Batch> = {}): Batch {
  return {
    id: '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11',
    fryerName: 'Large drawer',
    document: SHAKEN_PLAN,
    forecast: {
      done_min: 19.5,
      done_p10_min: 16.4,
      done_p90_min: 23.2,
      window: { from_min: 19, to_min: 22 },
      first_check_min: 17.2,
    },
    begunAt: LOADED_AT - 3_600_000,
    events: [batchEvent('loaded', 0), batchEvent('shaken', 7), batchEvent('done', 20)],
    seq: 3,
    clockBehind: 0,
    unreadable: 0,
    outcome: {
      crispness: 'crisp',
      browning: 0.7,
      evenness: 'some-differ',
      liked: null,
      heart: null,
      next: null,
      faults: ['wet-heart'],
      note: 'Pale heap.',
    },
    fingerprint: Array.from({ length: 16 }, (_, i) => 0.4 + i * 0.04),
    leftOut: false,
    ...change,
  };
}
