import { NextResponse } from 'next/server';
import { z } from 'zod';
import { answerFailure } from '@/app/_lib/answer';
import { answerStranger } from '@/app/_lib/answer-stranger';
import { deviceName, moveInto } from '@/app/_lib/session';
import { createKitchen, enterKitchen } from '@/services/kitchen';
import { openSession } from '@/services/sessions';

const schema = z.strictObject({ kitchen: z.enum(['first', 'new']) });

/** Lets this browser into a kitchen: the first one (the demo kitchen where one is shown), or a new, empty one. The kitchen it was in is kept beside it. */
export async function POST(request: Request) {
  return answerStranger(request, 'enter', schema, 'kitchen: first or new', async ({ kitchen: wished }) => {
    const kitchen = wished === 'new' ? await createKitchen() : await enterKitchen();
    if (!kitchen.ok) return answerFailure(kitchen.failure);
    /* whoever begins a kitchen is its owner */
    const role = kitchen.value.isDemo ? 'cook' : 'owner';
    const token = await openSession({ kitchenId: kitchen.value.id, role, device: await deviceName() });
    if (!token.ok) return answerFailure(token.failure);
    const response = NextResponse.json({ ok: true });
    await moveInto(response, token.value);
    return response;
  });
}
