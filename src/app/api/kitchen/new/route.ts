import { NextResponse } from 'next/server';
import { mayRequest } from '@/app/_lib/rate-limit';
import { SESSION_COOKIE_OPTIONS } from '@/app/_lib/session';
import { createKitchen } from '@/services/kitchen';
import { issueToken, SESSION_COOKIE } from '@/services/session-token';

/** Makes a new, empty kitchen and moves this browser into it. */
export async function POST() {
  if (!mayRequest('new-kitchen')) {
    return NextResponse.json({ error: 'Too many new kitchens in a short time; wait a few seconds.' }, { status: 429 });
  }
  const kitchen = await createKitchen();
  if (!kitchen.ok) return NextResponse.json({ error: 'The database cannot be reached.' }, { status: 503 });
  const response = NextResponse.json({ ok: true });
  response.cookies.set(SESSION_COOKIE, issueToken(kitchen.value.id), SESSION_COOKIE_OPTIONS);
  return response;
}
