import { NextResponse } from 'next/server';
import { z } from 'zod';
import { answerFailure, readJson, refuse } from '@/app/_lib/answer';
import { refusedByLimit } from '@/app/_lib/rate-limit';
import { deviceName, lendRun, moveInto } from '@/app/_lib/session';
import { acceptInvite } from '@/services/invites';
import { openSession } from '@/services/sessions';

const schema = z.strictObject({ token: z.string().min(20).max(64) });

/** Uses an invitation up: lends this device a run beside its own kitchen, or lets it into a kitchen as a cook. */
export async function POST(request: Request) {
  const limited = await refusedByLimit(request, 'join');
  if (limited) return limited;
  const body = await readJson(request);
  if ('refusal' in body) return body.refusal;
  const parsed = schema.safeParse(body.json);
  const device = await deviceName();
  const joined = parsed.success ? await acceptInvite(parsed.data.token, device) : null;
  if (joined && !joined.ok && joined.failure.code === 'database-away') return answerFailure(joined.failure);
  if (!joined?.ok) return refuse(410, 'This code was used or is too old. Ask for a new one.');
  const { kitchenId, batchId } = joined.value;
  const token = await openSession({ kitchenId, device, ...(batchId === null ? {} : { batchId }) });
  if (!token.ok) return answerFailure(token.failure);
  const response = NextResponse.json({ batchId });
  await (batchId === null ? moveInto(response, token.value) : lendRun(response, token.value));
  return response;
}
