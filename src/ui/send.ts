import { PLACE_HEADER } from '@/schemas/place-key';
import { placeHere } from './place-here';

/** What a request came to: done, refused with words, or not sent at all. */
export type Sent =
  | { readonly kind: 'done'; readonly answer?: unknown }
  | { readonly kind: 'refused'; readonly error: string; readonly status: number; readonly answer?: unknown }
  | { readonly kind: 'away'; readonly error: string };

/** Most that a browser carries on sending once its page is left, characters. Source: fetch standard, 64 KiB for all together. */
const LEAVING_LIMIT = 60_000;

/** A server that has not answered by then counts as away, ms: a browser itself would wait for minutes, and all that comes after with it. Source: chosen. */
export const PATIENCE = 20_000;

/** Network below which a large body is given up too, characters per ms. Source: chosen, 160 kbit/s. */
const SLOWEST = 20;

/**
 * Whether what was sent may still be taken another time: the server is away, or this browser is not, or not any more, where it
 * belongs (signed out, in another kitchen). What waits is kept then, never given up.
 */
export function isNotNow(sent: Sent): boolean {
  if (sent.kind !== 'refused') return sent.kind === 'away';
  const { code } = (sent.answer ?? {}) as { code?: string };
  return [401, 403, 404].includes(sent.status) || code === 'other-session';
}

/**
 * Sends JSON to the app's own server. A server that is away or cannot reach its database counts as not sent.
 * @param leaving whether the page is being left: the browser then sends on without it
 * @param place of which kitchen it is; that of the page unless given
 */
export async function send(
  method: 'POST' | 'PUT' | 'DELETE',
  path: string,
  body: unknown,
  leaving = false,
  place: string | null = placeHere(),
): Promise<Sent> {
  const text = JSON.stringify(body);
  try {
    const response = await fetch(path, {
      method,
      headers: { 'content-type': 'application/json', ...(place === null ? {} : { [PLACE_HEADER]: place }) },
      body: text,
      signal: AbortSignal.timeout(PATIENCE + Math.ceil(text.length / SLOWEST)),
      ...(leaving && text.length < LEAVING_LIMIT ? { keepalive: true } : {}),
    });
    const answer = (await response.json().catch(() => ({}))) as { error?: string };
    if (response.ok) return { kind: 'done', answer };
    const error = answer.error ?? `The server answered ${response.status}.`;
    return response.status >= 500 || response.status === 429
      ? { kind: 'away', error }
      : { kind: 'refused', error, status: response.status, answer };
  } catch {
    return { kind: 'away', error: 'The server cannot be reached.' };
  }
}
