import type { NextResponse } from 'next/server';
import type { Limited } from '@/services/limits';
import { answerFailure, refuse } from './answer';
import { refusedByLimit } from './rate-limit';
import { currentSession } from './session';

/** Answers a request that only reads: session and rate are checked, then it is answered for the kitchen. */
export async function answerRead(
  request: Request,
  work: (kitchenId: string) => Promise<Response | NextResponse>,
  limit: Limited = 'change',
): Promise<Response | NextResponse> {
  const session = await currentSession();
  if (!session.ok) {
    return session.failure.code === 'not-found'
      ? refuse(401, 'This browser has no kitchen yet; open the start page first.')
      : answerFailure(session.failure);
  }
  const { kitchenId } = session.value;
  return (await refusedByLimit(request, limit, kitchenId)) ?? work(kitchenId);
}
