import { NextResponse } from 'next/server';
import { z } from 'zod';
import { answerFailure } from '@/app/_lib/answer';
import { answerStranger } from '@/app/_lib/answer-stranger';
import { moveInto, otherKitchens } from '@/app/_lib/session';

const schema = z.strictObject({ kitchenId: z.uuid() });

/** Goes back to a kitchen that this browser was in before. */
export async function POST(request: Request) {
  return answerStranger(request, 'enter', schema, 'kitchenId: an id is needed', async ({ kitchenId }) => {
    const other = (await otherKitchens()).find(({ kitchen }) => kitchen.id === kitchenId);
    if (!other) return answerFailure({ code: 'not-found' });
    const response = NextResponse.json({ ok: true });
    await moveInto(response, other.token);
    return response;
  });
}
