import { keepValue, keptUnread } from '../kept-value';

const KEY = 'drubek.saved';

/** Documents whose newest revision is remembered. Source: chosen; each is a few kB. */
const MOST = 12;

/** A document as this device has stored it. */
export interface SavedDocument {
  readonly revision: number;
  /** not yet trusted */
  readonly document: unknown;
}

interface Entry extends SavedDocument {
  readonly id: string;
}

/* read on every page, where a parser would be a tenth of all script; what matters, the document, is parsed by who takes it up */
function entries(): Entry[] {
  const kept = keptUnread(KEY);
  if (!Array.isArray(kept)) return [];
  return (kept as Partial<Entry>[]).filter(
    (one): one is Entry => typeof one?.id === 'string' && typeof one.revision === 'number',
  );
}

/** Remembers what the server has taken: a slow server's page comes from this device's own keeping, and may be older. */
export function rememberSaved(id: string, revision: number, document: unknown): void {
  const others = entries().filter((one) => one.id !== id);
  keepValue(KEY, [...others, { id, revision, document }].slice(-MOST));
}

/** What this device has stored since the revision that a page names; null where the page is as new. */
export function savedSince(id: string, revision: number): SavedDocument | null {
  const found = entries().find((one) => one.id === id);
  return found && found.revision > revision ? found : null;
}
