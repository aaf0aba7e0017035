import { NextResponse } from 'next/server';
import { isReachable } from '@/services/health';

/** Tells whether the app reaches its database; pages that wait for it ask here. */
export async function GET() {
  const reachable = await isReachable();
  return NextResponse.json({ database: reachable }, { status: reachable ? 200 : 503 });
}
