import { NextResponse } from 'next/server';
import { answerFailure } from '@/app/_lib/answer';
import { placeOf } from '@/app/_lib/place';
import { refusedByLimit } from '@/app/_lib/rate-limit';
import { beginSignIn } from '@/services/passkeys';

/** What a browser needs to sign in with a passkey. */
export async function POST(request: Request) {
  const limited = await refusedByLimit(request, 'sign-in');
  if (limited) return limited;
  const begun = await beginSignIn(placeOf(request));
  return begun.ok ? NextResponse.json(begun.value) : answerFailure(begun.failure);
}
