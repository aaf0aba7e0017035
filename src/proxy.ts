import { NextResponse, type NextRequest } from 'next/server';
import { SESSION_COOKIE } from '@/services/session-token';

const SAFE_METHODS = new Set(['GET', 'HEAD', 'OPTIONS']);

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

/** A request that changes something must come from a page of this very address. */
function isForeignChange(request: NextRequest): boolean {
  if (SAFE_METHODS.has(request.method)) return false;
  const origin = request.headers.get('origin');
  const host = request.headers.get('host');
  if (!origin) return request.headers.get('sec-fetch-site') !== 'same-origin';
  try {
    return new URL(origin).host !== host;
  } catch {
    return true;
  }
}

/** Sends a browser without a kitchen to the door, refuses changes from elsewhere, and sets the security headers. */
export function proxy(request: NextRequest): NextResponse {
  const { pathname, search } = request.nextUrl;
  if (isForeignChange(request)) {
    return NextResponse.json({ error: 'This request came from another site and was refused.' }, { status: 403 });
  }
  const isPage =
    !pathname.startsWith('/api/') &&
    pathname !== '/enter' &&
    pathname !== '/unavailable' &&
    !pathname.startsWith('/join/');
  if (isPage && !request.cookies.has(SESSION_COOKIE)) {
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

export const config = { matcher: ['/((?!_next/static|_next/image|icon.svg|favicon.ico).*)'] };
