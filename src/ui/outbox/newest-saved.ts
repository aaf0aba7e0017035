import { z } from 'zod';
import { keepValue, keptValue } from '../kept-value';

const KEY = 'drubek.saved';

/** Documents whose newest revision is remembered. Source: chosen; each is a few kB. */
const MOST = 12;

const savedSchema = z.array(z.object({ id: z.string(), revision: z.number(), document: z.unknown() }));

/** A document as this device has stored it. */
export interface SavedDocument {
  readonly revision: number;
  /** not yet trusted */
  readonly document: unknown;
}

/** Remembers what the server has taken: a slow server's page comes from this device's own keeping, and may be older. */
export function rememberSaved(id: string, revision: number, document: unknown): void {
  const others = (keptValue(KEY, savedSchema) ?? []).filter((one) => one.id !== id);
  keepValue(KEY, [...others, { id, revision, document }].slice(-MOST));
}

/** What this device has stored since the revision that a page names; null where the page is as new. */
export function savedSince(id: string, revision: number): SavedDocument | null {
  const found = keptValue(KEY, savedSchema)?.find((one) => one.id === id);
  return found && found.revision > revision ? found : null;
}
