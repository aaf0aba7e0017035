import { createHmac, timingSafeEqual } from 'node:crypto';

/** Name of the cookie that says whose kitchen a browser is in. */
export const SESSION_COOKIE = 'drubek_kitchen';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

function secret(): string {
  const value = process.env.DRUBEK_SECRET;
  if (!value || value.length < 16) throw new Error('DRUBEK_SECRET must be set to at least 16 characters');
  return value;
}

function sign(kitchenId: string): string {
  return createHmac('sha256', secret()).update(kitchenId).digest('base64url');
}

/** Token for a cookie: the kitchen's id and its signature (HMAC-SHA-256). */
export function issueToken(kitchenId: string): string {
  return `${kitchenId}.${sign(kitchenId)}`;
}

/** The kitchen a token was issued for, or null when it was not issued here. */
export function readToken(token: string | undefined): string | null {
  const [kitchenId, signature, ...rest] = token?.split('.') ?? [];
  if (!kitchenId || !signature || rest.length > 0 || !UUID.test(kitchenId)) return null;
  const expected = Buffer.from(sign(kitchenId));
  const given = Buffer.from(signature);
  return expected.length === given.length && timingSafeEqual(expected, given) ? kitchenId : null;
}
