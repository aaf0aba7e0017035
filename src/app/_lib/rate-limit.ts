import { NextResponse } from 'next/server';
import { type Limited, mayRequest } from '@/services/limits';
import { addressOf } from './request-address';

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
