import { NextResponse } from 'next/server';
import { z } from 'zod';
import { mayRequest } from '@/app/_lib/rate-limit';
import { SESSION_COOKIE_OPTIONS } from '@/app/_lib/session';
import { acceptInvite } from '@/services/invites';
import { issueToken, SESSION_COOKIE } from '@/services/session-token';

const schema = z.strictObject({ token: z.string().min(20).max(64) });

/** Lets a device into the kitchen of an invitation, which is used up by it. */
export async function POST(request: Request) {
  if (!mayRequest('join')) return NextResponse.json({ error: 'Wait a few seconds.' }, { status: 429 });
  const parsed = schema.safeParse(await request.json().catch(() => null));
  const joined = parsed.success ? await acceptInvite(parsed.data.token) : null;
  if (!joined?.ok) {
    const away = joined && !joined.ok && joined.failure.code === 'database-away';
    return away
      ? NextResponse.json({ error: 'The database cannot be reached; try again in a moment.' }, { status: 503 })
      : NextResponse.json(
          { error: 'This code was used or is older than ten minutes. Ask for a new one.' },
          { status: 410 },
        );
  }
  const response = NextResponse.json({ batchId: joined.value.batchId });
  response.cookies.set(SESSION_COOKIE, issueToken(joined.value.kitchenId), SESSION_COOKIE_OPTIONS);
  return response;
}
