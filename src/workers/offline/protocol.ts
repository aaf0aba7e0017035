/** Name of the cache of pages. */
export const PAGES_CACHE = 'drubek-pages';

/** What a page asks of the service worker: to keep these pages. */
export interface KeepRequest {
  readonly kind: 'keep-pages';
  readonly urls: readonly string[];
}

/** Whether a message is one. */
export function isKeepRequest(message: unknown): message is KeepRequest {
  return !!message && typeof message === 'object' && 'kind' in message && message.kind === 'keep-pages';
}
