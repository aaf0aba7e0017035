import { NextResponse } from 'next/server';
import type { Result } from '@/services/result';
import { openSession } from '@/services/sessions';
import { answerFailure } from './answer';
import { deviceName, moveInto } from './session';

/** Lets this browser in as a member, or says why not. */
export async function answerSignIn(
  who: Result<{ readonly kitchenId: string; readonly memberId: string }>,
): Promise<NextResponse> {
  if (!who.ok) return answerFailure(who.failure);
  const token = await openSession({ ...who.value, device: await deviceName() });
  if (!token.ok) return answerFailure(token.failure);
  const response = NextResponse.json({ ok: true });
  await moveInto(response, token.value);
  return response;
}
