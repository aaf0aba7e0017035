import { NextResponse } from 'next/server';
import { answerFailure } from '@/app/_lib/answer';
import { answerRead } from '@/app/_lib/answer-read';
import { loadUntold } from '@/services/learning';

/** Finished batches whose evidence is missing or out of date, for a device to work out. */
export function GET(request: Request) {
  return answerRead(request, async (kitchenId) => {
    const untold = await loadUntold(kitchenId);
    return untold.ok
      ? NextResponse.json({ untold: untold.value }, { headers: { 'cache-control': 'no-store' } })
      : answerFailure(untold.failure);
  });
}
