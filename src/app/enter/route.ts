import { NextResponse } from 'next/server';
import { SESSION_COOKIE_OPTIONS } from '@/app/_lib/session';
import { enterKitchen } from '@/services/kitchen';
import { issueToken, SESSION_COOKIE } from '@/services/session-token';

/** Only a path of this app may be gone on to. */
function safePath(next: string | null): string {
  return next && next.startsWith('/') && !next.startsWith('//') && !next.startsWith('/enter') && !next.includes('\\')
    ? next
    : '/';
}

function redirectTo(path: string): NextResponse {
  return new NextResponse(null, { status: 307, headers: { location: path } });
}

/** The door: gives a browser its signed cookie and sends it on. */
export async function GET(request: Request) {
  const next = safePath(new URL(request.url).searchParams.get('next'));
  const kitchen = await enterKitchen();
  if (!kitchen.ok) return redirectTo(`/unavailable?next=${encodeURIComponent(next)}`);
  const response = redirectTo(next);
  response.cookies.set(SESSION_COOKIE, issueToken(kitchen.value.id), SESSION_COOKIE_OPTIONS);
  return response;
}
