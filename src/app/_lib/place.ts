import type { Place } from '@/services/passkeys';

/** Where a request was made: the host that a passkey is bound to, and the address of its page. The proxy has seen that both agree. */
export function placeOf(request: Request): Place {
  const origin = request.headers.get('origin') ?? new URL(request.url).origin;
  return { origin, host: new URL(origin).hostname };
}
