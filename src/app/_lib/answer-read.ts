import type { NextResponse } from 'next/server';
import { answerFailure } from './answer';
import { refusedByLimit } from './rate-limit';
import { currentSession } from './session';

/** Answers a request that only reads: session and rate are checked, then it is answered for the kitchen. */
export async function answerRead(
  request: Request,
  work: (kitchenId: string) => Promise<Response | NextResponse>,
): Promise<Response | NextResponse> {
  const session = await currentSession();
  if (!session.ok) return answerFailure(session.failure);
  const { kitchenId } = session.value;
  return (await refusedByLimit(request, 'change', kitchenId)) ?? work(kitchenId);
}
