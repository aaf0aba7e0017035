import Bowser from 'bowser';
import { cookies, headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { connection, type NextResponse } from 'next/server';
import type { Kitchen } from '@/schemas/kitchen';
import { loadKitchen } from '@/services/kitchen';
import type { Result } from '@/services/result';
import type { Session } from '@/schemas/access';
import { readSession, SESSION_AGE } from '@/services/sessions';
import { OTHERS_COOKIE, RUN_COOKIE, SESSION_COOKIE, SECURE_PREFIX } from './cookie-names';

/** Most kitchens that a browser keeps beside the one it is in. */
const MOST_OTHERS = 4;

/** The value of a cookie, under TLS or without it. */
async function cookie(name: string): Promise<string | undefined> {
  const jar = await cookies();
  return (jar.get(SECURE_PREFIX + name) ?? jar.get(name))?.value;
}

/** The session of a cookie: a browser without one is not found. */
async function sessionIn(name: string): Promise<Result<Session>> {
  const token = await cookie(name);
  return token ? readSession(token) : { ok: false, failure: { code: 'not-found' } };
}

/** The session of this browser in its kitchen. The token of a run that was lent opens no kitchen, whichever cookie it is put into. */
export async function currentSession(): Promise<Result<Session>> {
  const session = await sessionIn(SESSION_COOKIE);
  return session.ok && session.value.batchId !== null ? { ok: false, failure: { code: 'not-found' } } : session;
}

/** The kitchen of this browser, or null where it is in none or the database is away. */
export async function sessionKitchenId(): Promise<string | null> {
  const session = await currentSession();
  return session.ok ? session.value.kitchenId : null;
}

/** The session by which this browser may see a batch: that of a run that was lent to it, else of its kitchen. */
export async function sessionForBatch(batchId: string): Promise<Result<Session>> {
  const lent = await sessionIn(RUN_COOKIE);
  /* a database that is away says nothing of what was lent */
  if (!lent.ok && lent.failure.code === 'database-away') return lent;
  return lent.ok && lent.value.batchId === batchId ? lent : currentSession();
}

/** Tokens of kitchens this browser was in before. */
export async function otherTokens(): Promise<string[]> {
  return (await cookie(OTHERS_COOKIE))?.split('.').filter(Boolean) ?? [];
}

/** Kitchens that this browser can go back to, with the token that does it. */
export async function otherKitchens(): Promise<{ token: string; session: Session; kitchen: Kitchen }[]> {
  const found = await Promise.all(
    (await otherTokens()).map(async (token) => {
      const session = await readSession(token);
      const kitchen = session.ok ? await loadKitchen(session.value.kitchenId) : null;
      return session.ok && session.value.batchId === null && kitchen?.ok
        ? [{ token, session: session.value, kitchen: kitchen.value }]
        : [];
    }),
  );
  return found.flat();
}

/** Whether the browser speaks TLS to us or to the proxy before us. */
async function isSecure(): Promise<boolean> {
  return (await headers()).get('x-forwarded-proto') === 'https';
}

/** What this device is, in a few words: the browser and the system. */
export async function deviceName(): Promise<string> {
  const agent = (await headers()).get('user-agent');
  if (!agent) return 'a device';
  const { browser, os } = Bowser.parse(agent);
  return [browser.name ?? 'a browser', os.name].filter(Boolean).join(' on ').slice(0, 100);
}

async function setCookie(response: NextResponse, name: string, value: string, maxAge = SESSION_AGE): Promise<void> {
  const secure = await isSecure();
  response.cookies.set(secure ? SECURE_PREFIX + name : name, value, {
    httpOnly: true,
    sameSite: 'lax',
    path: '/',
    secure,
    maxAge,
  });
}

/** Moves this browser into a kitchen; the one it was in before is kept beside it, so that nothing is lost. */
export async function moveInto(response: NextResponse, token: string): Promise<void> {
  const before = await cookie(SESSION_COOKIE);
  const others = (await otherTokens()).filter((one) => one !== token && one !== before);
  if (before && before !== token && (await readSession(before)).ok) others.unshift(before);
  await setCookie(response, SESSION_COOKIE, token);
  await setCookie(response, OTHERS_COOKIE, others.slice(0, MOST_OTHERS).join('.'), others.length > 0 ? SESSION_AGE : 0);
}

/** Exchanges the token in the cookie; the kitchens beside it stay. */
export async function replaceToken(response: NextResponse, token: string): Promise<void> {
  await setCookie(response, SESSION_COOKIE, token);
}

/** Lends this browser a run beside the kitchen it is in. */
export async function lendRun(response: NextResponse, token: string): Promise<void> {
  await setCookie(response, RUN_COOKIE, token);
}

/** Takes this browser out of its kitchen. */
export async function leaveKitchen(response: NextResponse): Promise<void> {
  await setCookie(response, SESSION_COOKIE, '', 0);
}

/** The kitchen of the page being shown, or null when the database is away; sends strangers to the door. */
export async function pageKitchen(): Promise<Kitchen | null> {
  await connection();
  const session = await currentSession();
  if (!session.ok && session.failure.code === 'database-away') return null;
  if (!session.ok) redirect('/enter');
  const kitchen = await loadKitchen(session.value.kitchenId);
  if (kitchen.ok) return kitchen.value;
  if (kitchen.failure.code === 'not-found') redirect('/enter');
  return null;
}
