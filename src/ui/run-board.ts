import { useMemo, useSyncExternalStore } from 'react';
import { validate } from 'uuid';

/** What is next in the run that this device has under way. */
export interface UnderWay {
  readonly batchId: string;
  readonly name: string;
  readonly verb: string;
  /** ms since 1970 by this device, when it is due */
  readonly dueAt: number;
  /** how fast the run's clock goes; 1 but in rehearsals */
  readonly speed: number;
}

/* on every page, where a parser would be a tenth of all script */
function isUnderWay(kept: Partial<UnderWay> | null): kept is UnderWay {
  return (
    validate(kept?.batchId) &&
    typeof kept?.name === 'string' &&
    typeof kept.verb === 'string' &&
    Number.isFinite(kept.dueAt) &&
    Number(kept.speed) > 0
  );
}

const KEY = 'drubek-under-way';
const CHANGED = 'drubek-under-way-changed';

/** A run whose next deed was due this long ago was left, ms. Source: chosen. */
const LEFT_AFTER = 3 * 3_600_000;

/** Notes what is next in a run, for the other pages of this device. */
export function noteRun(run: UnderWay): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(run));
  } catch {
    /* a browser that keeps nothing shows it on the run's own page alone */
  }
  window.dispatchEvent(new Event(CHANGED));
}

/** Takes a run off the board, once it is over. */
export function clearRun(batchId: string): void {
  if (parsed(read())?.batchId !== batchId) return;
  localStorage.removeItem(KEY);
  window.dispatchEvent(new Event(CHANGED));
}

function read(): string | null {
  try {
    return localStorage.getItem(KEY);
  } catch {
    return null;
  }
}

function parsed(text: string | null): UnderWay | null {
  if (!text) return null;
  try {
    const kept = JSON.parse(text) as Partial<UnderWay> | null;
    return isUnderWay(kept) ? kept : null;
  } catch {
    return null;
  }
}

function subscribe(listener: () => void): () => void {
  window.addEventListener('storage', listener);
  window.addEventListener(CHANGED, listener);
  return () => {
    window.removeEventListener('storage', listener);
    window.removeEventListener(CHANGED, listener);
  };
}

/** The run that this device has under way, or null. */
export function useRunUnderWay(): UnderWay | null {
  const text = useSyncExternalStore(subscribe, read, () => null);
  return useMemo(() => parsed(text), [text]);
}

/** Whether nobody came back to a run that was due. @param now ms since 1970 */
export function isLeft({ dueAt }: UnderWay, now: number): boolean {
  return now - dueAt > LEFT_AFTER;
}

/** s until the next deed by the run's own clock; negative once it is late. */
export function secondsLeft({ dueAt, speed }: UnderWay, now: number): number {
  return ((dueAt - now) / 1000) * speed;
}
