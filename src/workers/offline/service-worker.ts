/// <reference lib="webworker" />
import {
  CacheFirst,
  ExpirationPlugin,
  NetworkFirst,
  NetworkOnly,
  type PrecacheEntry,
  Serwist,
  type SerwistPlugin,
} from 'serwist';
import { isKeepRequest, PAGES_CACHE } from './protocol';

declare const self: ServiceWorkerGlobalScope & { readonly __SW_MANIFEST: (PrecacheEntry | string)[] };

/** A page that the server has not answered by then is shown as it was last time, s. Source: chosen; without a network that is known at once. */
const PATIENCE = 8;

/** Pages that are kept. */
const MOST_PAGES = 40;

const pages = new NetworkFirst({
  cacheName: PAGES_CACHE,
  networkTimeoutSeconds: PATIENCE,
  /* the same page for everyone who asks: what a browser may see is in its cookies, and the cache is that browser's own */
  matchOptions: { ignoreVary: true },
  plugins: [
    new ExpirationPlugin({ maxEntries: MOST_PAGES }),
    /* only pages that are what was asked for: not the door, not a page that says the database is away */
    { cacheWillUpdate: async ({ response }) => (response.ok && !response.redirected ? response : null) },
    /* a bench without its plan's name was perhaps still empty when it was kept: any bench that is kept will do */
    { handlerDidError: ({ request }) => alikeOf(request) },
  ],
});

/** The newest page kept under the same path, whatever it was asked with. */
async function alikeOf(request: Request): Promise<Response | undefined> {
  const cache = await caches.open(PAGES_CACHE);
  const { pathname } = new URL(request.url);
  const alike = (await cache.keys()).findLast((kept) => new URL(kept.url).pathname === pathname);
  return alike && cache.match(alike, { ignoreVary: true });
}

/**
 * A worker reads its settings from the fragment of its own address, which an answer with an address of its own would replace by
 * one without it, whether it was kept or comes over the network.
 */
const ADDRESSED_AS_ASKED: SerwistPlugin = { handlerWillRespond: async ({ response }) => withoutAddress(response) };

const serwist = new Serwist({
  precacheEntries: self.__SW_MANIFEST,
  precacheOptions: {
    cleanupOutdatedCaches: true,
    plugins: [ADDRESSED_AS_ASKED],
  },
  /* a new version waits until the cook takes it; never in the middle of a run */
  skipWaiting: false,
  clientsClaim: true,
  runtimeCaching: [
    { matcher: ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/api/'), handler: new NetworkOnly() },
    { matcher: ({ request }) => request.mode === 'navigate', handler: pages },
    {
      matcher: ({ url, sameOrigin }) => sameOrigin && /^\/(_next\/static\/|icon\.svg)/.test(url.pathname),
      handler: new CacheFirst({ cacheName: 'drubek-files', plugins: [ADDRESSED_AS_ASKED] }),
    },
  ],
});
serwist.addEventListeners();

function withoutAddress({ body, status, statusText, headers }: Response): Response {
  return new Response(body, { status, statusText, headers });
}

self.addEventListener('message', (event) => {
  if (!isKeepRequest(event.data)) return;
  const { urls } = event.data;
  event.waitUntil(keepPages(urls));
});

/** Fetches pages as the browser itself would and keeps them for when there is no network. */
async function keepPages(urls: readonly string[]): Promise<void> {
  const cache = await caches.open(PAGES_CACHE);
  for (const url of urls) {
    try {
      const response = await fetch(url, { credentials: 'same-origin', headers: { accept: 'text/html' } });
      if (response.ok && !response.redirected) await cache.put(new Request(new URL(url, self.location.href)), response);
    } catch {
      return;
    }
  }
}
