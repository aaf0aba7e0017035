import type { BatchEvent } from '@/core/run/batch-event';
import { batchEventSchema } from '@/schemas/batch-event';

const PREFIX = 'drubek.run.';

/** Runs that a device remembers. */
const MOST_RUNS = 6;

/** Remembers what is known of a run, so that a page from this device's memory shows it without a network. */
export function rememberEvents(batchId: string, events: readonly BatchEvent[]): void {
  try {
    localStorage.setItem(PREFIX + batchId, JSON.stringify({ at: Date.now(), events }));
    const runs = Object.keys(localStorage).filter((key) => key.startsWith(PREFIX));
    if (runs.length <= MOST_RUNS) return;
    const ages = runs.map((key) => ({ key, at: readAge(key) })).sort((a, b) => a.at - b.at);
    ages.slice(0, runs.length - MOST_RUNS).forEach(({ key }) => localStorage.removeItem(key));
  } catch {
    /* a browser that keeps nothing */
  }
}

function readAge(key: string): number {
  try {
    return (JSON.parse(localStorage.getItem(key) ?? '{}') as { at?: number }).at ?? 0;
  } catch {
    return 0;
  }
}

/** What this device remembers of a run. Unreadable rubbish counts as nothing. */
export function rememberedEvents(batchId: string): BatchEvent[] {
  try {
    const { events } = JSON.parse(localStorage.getItem(PREFIX + batchId) ?? '{}') as { events?: unknown[] };
    return (events ?? []).flatMap((event) => batchEventSchema.safeParse(event).data ?? []);
  } catch {
    return [];
  }
}
