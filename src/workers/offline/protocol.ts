/** How the names of the caches of pages begin; the key of a kitchen follows. */
export const PAGES_CACHES = 'drubek-pages-';

/** What a page asks of the service worker: to keep these pages, of this kitchen. */
export interface KeepRequest {
  readonly kind: 'keep-pages';
  readonly place: string;
  readonly urls: readonly string[];
}

/** Whether a message is one. */
export function isKeepRequest(message: unknown): message is KeepRequest {
  return (
    !!message &&
    typeof message === 'object' &&
    'kind' in message &&
    message.kind === 'keep-pages' &&
    'place' in message &&
    typeof message.place === 'string'
  );
}
