/// <reference lib="webworker" />
import { CacheFirst, NetworkOnly, type PrecacheEntry, Serwist, type SerwistPlugin } from 'serwist';
import { LENT } from '../../schemas/place-key';
import { isKeepRequest, PAGES_CACHES } from './protocol';

declare const self: ServiceWorkerGlobalScope & { readonly __SW_MANIFEST: (PrecacheEntry | string)[] };

/** A page that the server has not answered by then is shown as it was last time, s. Source: chosen; without a network that is known at once. */
const PATIENCE = 8;

/** Pages that are kept of a kitchen. */
const MOST_PAGES = 40;

/** The cache of the time before each kitchen had its own. */
const OLD_CACHE = 'drubek-pages';

/** The page as the network has it, else as it was kept of the kitchen that this browser was in last. */
async function openPage(event: FetchEvent, request: Request): Promise<Response> {
  const answer = fetch(request);
  /* kept also where it comes too late for this time */
  event.waitUntil(answer.then((response) => keepPage(request, response.clone())).catch(() => undefined));
  const late = new Promise<null>((resolve) => setTimeout(() => resolve(null), PATIENCE * 1000));
  const soon = await Promise.race([answer.catch(() => null), late]);
  return soon ?? (await keptPage(request)) ?? answer;
}

/** Keeps a page for its kitchen, which it names itself; at the door and in another kitchen, what was kept of the one before goes. */
async function keepPage(request: Request, response: Response): Promise<void> {
  if (!response.ok || !response.headers.get('content-type')?.includes('text/html')) return;
  const place = placeIn(await response.clone().text());
  const isDoor = new URL(response.url).pathname === '/enter';
  if (place !== null || isDoor) await forgetPages(place);
  /* only pages that are what was asked for: not the door, not a page that says the database is away */
  if (place === null || response.redirected) return;
  const cache = await caches.open(PAGES_CACHES + place);
  await cache.put(request, response);
  const kept = await cache.keys();
  await Promise.all(kept.slice(0, Math.max(0, kept.length - MOST_PAGES)).map((oldest) => cache.delete(oldest)));
}

/** The key of the kitchen that a page is of; null where it is of none. A run that was lent is kept beside the own kitchen. */
function placeIn(html: string): string | null {
  return / data-place="([\w-]{1,64})"/.exec(html)?.[1] ?? null;
}

/** Forgets the pages of all kitchens but one; a run that was lent stays beside it. */
async function forgetPages(but: string | null): Promise<void> {
  if (but === LENT) return;
  const stays = new Set(but === null ? [] : [PAGES_CACHES + but, PAGES_CACHES + LENT]);
  const names = (await caches.keys()).filter((name) => name.startsWith(PAGES_CACHES) || name === OLD_CACHE);
  await Promise.all(names.filter((name) => !stays.has(name)).map((name) => caches.delete(name)));
}

/** The page as it was kept; else the newest kept under the same path, whatever it was asked with: a bench without its plan's name was perhaps still empty then. */
async function keptPage(request: Request): Promise<Response | null> {
  const { pathname } = new URL(request.url);
  for (const name of (await caches.keys()).filter((one) => one.startsWith(PAGES_CACHES))) {
    const cache = await caches.open(name);
    /* the same page for everyone who asks: what a browser may see is in its cookies, and the cache is that browser's own */
    const same = await cache.match(request, { ignoreVary: true });
    if (same) return same;
    const alike = (await cache.keys()).findLast((kept) => new URL(kept.url).pathname === pathname);
    const found = alike && (await cache.match(alike, { ignoreVary: true }));
    if (found) return found;
  }
  return null;
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
    {
      matcher: ({ request }) => request.mode === 'navigate',
      handler: ({ event, request }) => openPage(event as FetchEvent, request),
    },
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
  const { urls, place } = event.data;
  event.waitUntil(keepPages(urls, place));
});

/** Fetches pages as the browser itself would and keeps them for when there is no network, as long as this browser is in their kitchen. */
async function keepPages(urls: readonly string[], place: string): Promise<void> {
  for (const url of urls) {
    try {
      const response = await fetch(url, { credentials: 'same-origin', headers: { accept: 'text/html' } });
      if (placeIn(await response.clone().text()) !== place) return;
      await keepPage(new Request(new URL(url, self.location.href)), response);
    } catch {
      return;
    }
  }
}
