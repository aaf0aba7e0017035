import { createHmac, timingSafeEqual } from 'node:crypto';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

/** The kitchen of a signed cookie from before sessions stood in rows (HMAC-SHA-256 under DRUBEK_SECRET), or null. */
export function readOldToken(token: string | undefined): string | null {
  const secret = process.env.DRUBEK_SECRET;
  const [kitchenId, signature, ...rest] = token?.split('.') ?? [];
  if (!secret || !kitchenId || !signature || rest.length > 0 || !UUID.test(kitchenId)) return null;
  const expected = Buffer.from(createHmac('sha256', secret).update(kitchenId).digest('base64url'));
  const given = Buffer.from(signature);
  return expected.length === given.length && timingSafeEqual(expected, given) ? kitchenId : null;
}
