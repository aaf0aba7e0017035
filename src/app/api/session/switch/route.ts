import { NextResponse } from 'next/server';
import { z } from 'zod';
import { answerFailure, readJson, refuse } from '@/app/_lib/answer';
import { refusedByLimit } from '@/app/_lib/rate-limit';
import { moveInto, otherKitchens } from '@/app/_lib/session';

const schema = z.strictObject({ kitchenId: z.uuid() });

/** Goes back to a kitchen that this browser was in before. */
export async function POST(request: Request) {
  const limited = await refusedByLimit(request, 'enter');
  if (limited) return limited;
  const body = await readJson(request);
  if ('refusal' in body) return body.refusal;
  const parsed = schema.safeParse(body.json);
  if (!parsed.success) return refuse(422, 'kitchenId: an id is needed');
  const other = (await otherKitchens()).find(({ kitchen }) => kitchen.id === parsed.data.kitchenId);
  if (!other) return answerFailure({ code: 'not-found' });
  const response = NextResponse.json({ ok: true });
  await moveInto(response, other.token);
  return response;
}
