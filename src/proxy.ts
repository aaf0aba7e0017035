import { NextResponse, type NextRequest } from 'next/server';
import { RUN_COOKIE, SECURE_PREFIX, SESSION_COOKIE } from '@/app/_lib/cookie-names';
import { refusedAtTheGate } from '@/app/_lib/gate';
import { PageAllowance } from '@/app/_lib/page-allowance';
import { addressOf } from '@/app/_lib/request-address';

function contentSecurityPolicy(nonce: string): string {
  const isDevelopment = process.env.NODE_ENV === 'development';
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${isDevelopment ? " 'unsafe-eval'" : ''}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

/** Whether a path is text at all. */
function isReadable(pathname: string): boolean {
  try {
    return !decodeURIComponent(pathname).includes('\u0000');
  } catch {
    return false;
  }
}

/** Whether a browser has a token for what it asks: its kitchen, or a run that was lent to it. */
function hasToken(request: NextRequest, pathname: string): boolean {
  const has = (name: string) => request.cookies.has(name) || request.cookies.has(SECURE_PREFIX + name);
  return has(SESSION_COOKIE) || (pathname.startsWith('/cook/') && has(RUN_COOKIE));
}

const pages = new PageAllowance();

function mayOpenPage(request: NextRequest): boolean {
  const session = request.cookies.get(SECURE_PREFIX + SESSION_COOKIE) ?? request.cookies.get(SESSION_COOKIE);
  return pages.mayOpen(
    session?.value.slice(0, 64) ?? null,
    addressOf(request),
    request.headers.has('next-router-prefetch'),
  );
}

/** Sends a browser without a kitchen to the door, refuses changes from elsewhere, and sets the security headers. */
export function proxy(request: NextRequest): NextResponse {
  const { pathname, search } = request.nextUrl;
  if (!isReadable(pathname)) return NextResponse.json({ error: 'The address is damaged.' }, { status: 400 });
  const refused = refusedAtTheGate(request);
  if (refused) return NextResponse.json({ error: refused.error }, { status: refused.status });
  if (!pathname.startsWith('/api/') && !mayOpenPage(request)) {
    return new NextResponse('Too many pages in a short time; wait a few seconds and load it again.', {
      status: 429,
      headers: { 'content-type': 'text/plain; charset=utf-8', 'retry-after': '5', 'cache-control': 'no-store' },
    });
  }
  const isPage =
    !pathname.startsWith('/api/') &&
    pathname !== '/enter' &&
    pathname !== '/unavailable' &&
    !pathname.startsWith('/join/');
  if (isPage && !hasToken(request, pathname)) {
    const door = new URL('/enter', request.url);
    door.searchParams.set('next', pathname + search);
    return NextResponse.redirect(door);
  }
  const nonce = crypto.randomUUID().replaceAll('-', '');
  const policy = contentSecurityPolicy(nonce);
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  response.headers.set('permissions-policy', 'camera=(), microphone=(), geolocation=()');
  return response;
}

/* an archive comes as a stream, which a proxy would hold back and cut: its route stands at the gate by itself */
export const config = {
  matcher: [
    '/((?!_next/static|_next/image|icon.svg|favicon.ico|service-worker.js|manifest.webmanifest|api/kitchen/archive$).*)',
  ],
};
