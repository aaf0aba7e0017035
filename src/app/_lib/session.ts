import { cookies } from 'next/headers';
import { redirect } from 'next/navigation';
import { connection } from 'next/server';
import type { Kitchen } from '@/schemas/kitchen';
import { loadKitchen } from '@/services/kitchen';
import { readToken, SESSION_COOKIE } from '@/services/session-token';

/** A year, s: a kitchen is kept as long as its browser is. */
const SESSION_AGE = 365 * 24 * 3600;

/** The kitchen id of the browser's signed cookie, or null. */
export async function sessionKitchenId(): Promise<string | null> {
  return readToken((await cookies()).get(SESSION_COOKIE)?.value);
}

/** Attributes of the session cookie; loopback is served without TLS. */
export const SESSION_COOKIE_OPTIONS = { httpOnly: true, sameSite: 'lax', path: '/', maxAge: SESSION_AGE } as const;

/** The kitchen of the page being shown, or null when the database is away; sends strangers to the door. */
export async function pageKitchen(): Promise<Kitchen | null> {
  await connection();
  const kitchenId = await sessionKitchenId();
  if (!kitchenId) redirect('/enter');
  const kitchen = await loadKitchen(kitchenId);
  if (kitchen.ok) return kitchen.value;
  if (kitchen.failure.code === 'not-found') redirect('/enter');
  return null;
}
