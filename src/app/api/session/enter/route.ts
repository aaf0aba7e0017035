import { cookies } from 'next/headers';
import { NextResponse } from 'next/server';
import { z } from 'zod';
import { answerFailure, readJson, refuse } from '@/app/_lib/answer';
import { refusedByLimit } from '@/app/_lib/rate-limit';
import { deviceName, moveInto } from '@/app/_lib/session';
import { createKitchen, enterKitchen, loadKitchen } from '@/services/kitchen';
import { readOldToken } from '@/services/old-token';
import { openSession } from '@/services/sessions';

const schema = z.strictObject({ kitchen: z.enum(['first', 'new']) });

/** Cookie of the time before sessions stood in rows. */
const OLD_COOKIE = 'drubek_kitchen';

/** Lets this browser into a kitchen: the first one (the demo kitchen where one is shown), or a new, empty one. The kitchen it was in is kept beside it. */
export async function POST(request: Request) {
  const limited = await refusedByLimit(request, 'enter');
  if (limited) return limited;
  const body = await readJson(request);
  if ('refusal' in body) return body.refusal;
  const parsed = schema.safeParse(body.json);
  if (!parsed.success) return refuse(422, 'kitchen: first or new');
  const old = parsed.data.kitchen === 'first' ? readOldToken((await cookies()).get(OLD_COOKIE)?.value) : null;
  const before = old ? await loadKitchen(old) : null;
  const kitchen = before?.ok ? before : await (parsed.data.kitchen === 'new' ? createKitchen() : enterKitchen());
  if (!kitchen.ok) return answerFailure(kitchen.failure);
  const token = await openSession({ kitchenId: kitchen.value.id, device: await deviceName() });
  if (!token.ok) return answerFailure(token.failure);
  const response = NextResponse.json({ ok: true });
  await moveInto(response, token.value);
  return response;
}
