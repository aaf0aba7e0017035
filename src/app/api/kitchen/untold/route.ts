import { NextResponse } from 'next/server';
import { answerFailure } from '@/app/_lib/answer';
import { refusedByLimit } from '@/app/_lib/rate-limit';
import { currentSession } from '@/app/_lib/session';
import { loadUntold } from '@/services/learning';

/** Finished batches whose evidence is missing or out of date, for a device to work out. */
export async function GET(request: Request) {
  const session = await currentSession();
  if (!session.ok) return answerFailure(session.failure);
  const { kitchenId } = session.value;
  const limited = await refusedByLimit(request, 'change', kitchenId);
  if (limited) return limited;
  const untold = await loadUntold(kitchenId);
  return untold.ok ? NextResponse.json({ untold: untold.value }) : answerFailure(untold.failure);
}
