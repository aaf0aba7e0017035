import { NextResponse } from 'next/server';
import { z } from 'zod';
import { answerFailure, refuse } from '@/app/_lib/answer';
import { answerStranger } from '@/app/_lib/answer-stranger';
import { deviceName, lendRun, moveInto } from '@/app/_lib/session';
import { acceptInvite } from '@/services/invites';
import { openSession } from '@/services/sessions';

const schema = z.strictObject({ token: z.string().min(20).max(64) });

/** Said of a code that leads nowhere, whatever it is. */
const NO_LONGER_GOOD = 'This code was used or is too old. Ask for a new one.';

/** Uses an invitation up: lends this device a run beside its own kitchen, or lets it into a kitchen as a cook. */
export async function POST(request: Request) {
  return answerStranger(request, 'join', schema, NO_LONGER_GOOD, async (body) => {
    const device = await deviceName();
    const joined = await acceptInvite(body.token, device);
    if (!joined.ok && joined.failure.code !== 'not-found') return answerFailure(joined.failure);
    if (!joined.ok) return refuse(410, NO_LONGER_GOOD);
    const { kitchenId, batchId, role } = joined.value;
    const token = await openSession({ kitchenId, device, role, ...(batchId === null ? {} : { batchId }) });
    if (!token.ok) return answerFailure(token.failure);
    const response = NextResponse.json({ batchId });
    await (batchId === null ? moveInto(response, token.value) : lendRun(response, token.value));
    return response;
  });
}
