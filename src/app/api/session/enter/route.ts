import { cookies } from 'next/headers';
import { NextResponse } from 'next/server';
import { z } from 'zod';
import { answerFailure } from '@/app/_lib/answer';
import { answerStranger } from '@/app/_lib/answer-stranger';
import { deviceName, moveInto } from '@/app/_lib/session';
import { createKitchen, enterKitchen, loadKitchen } from '@/services/kitchen';
import { readOldToken } from '@/services/old-token';
import { openSession } from '@/services/sessions';

const schema = z.strictObject({ kitchen: z.enum(['first', 'new']) });

/** Cookie of the time before sessions stood in rows. */
const OLD_COOKIE = 'drubek_kitchen';

/** Lets this browser into a kitchen: the first one (the demo kitchen where one is shown), or a new, empty one. The kitchen it was in is kept beside it. */
export async function POST(request: Request) {
  return answerStranger(request, 'enter', schema, 'kitchen: first or new', async ({ kitchen: wished }) => {
    const kitchen = wished === 'new' ? await createKitchen() : await firstKitchen();
    if (!kitchen.ok) return answerFailure(kitchen.failure);
    const token = await openSession({ kitchenId: kitchen.value.id, device: await deviceName() });
    if (!token.ok) return answerFailure(token.failure);
    const response = NextResponse.json({ ok: true });
    await moveInto(response, token.value);
    return response;
  });
}

/** The kitchen that a browser was in before sessions stood in rows, else the one that is shown to strangers. */
async function firstKitchen() {
  const old = readOldToken((await cookies()).get(OLD_COOKIE)?.value);
  const before = old ? await loadKitchen(old) : null;
  return before?.ok ? before : enterKitchen();
}
