import { NextResponse } from 'next/server';
import { type Limited, mayRequest } from '@/services/limits';

/** The address a request came from. Behind a proxy it is what the proxy nearest to us wrote; see docs/hosting.md. */
export function addressOf(request: Request): string {
  return request.headers.get('x-forwarded-for')?.split(',').at(-1)?.trim().slice(0, 64) || 'unknown';
}

/** The answer to a request beyond the allowance, or null where it may go on. @param key the kitchen; the address unless given */
export async function refusedByLimit(
  request: Request,
  what: Limited,
  key: string = addressOf(request),
): Promise<NextResponse | null> {
  if (await mayRequest(what, key)) return null;
  return NextResponse.json(
    { error: 'Too many requests in a short time; wait a few seconds.' },
    { status: 429, headers: { 'retry-after': '5' } },
  );
}
