import { NextResponse } from 'next/server';
import { checkHealth, type Health } from '@/services/health';

const WORDS: Record<Health, string> = {
  fine: 'The database answers and takes writes.',
  away: 'The database cannot be reached.',
  refused:
    'The database answers, but does not let the app in: the user of DATABASE_URL may not work as drubek_app; the log says what it said.',
  full: 'The database has no room left: connections, memory or disk.',
  'read-only': 'The database answers, but takes no writes.',
};

/** Tells whether the app reaches its database and can write, and what is wrong; pages that wait for it ask here. */
export async function GET() {
  const health = await checkHealth();
  return NextResponse.json(
    { database: health === 'fine', state: health, message: WORDS[health] },
    { status: health === 'fine' ? 200 : 503, headers: { 'cache-control': 'no-store' } },
  );
}
