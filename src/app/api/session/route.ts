import { NextResponse } from 'next/server';
import { z } from 'zod';
import { answerChange, answerFailure, refuse } from '@/app/_lib/answer';
import { currentSession, leaveKitchen, replaceToken } from '@/app/_lib/session';
import { succeed } from '@/services/result';
import { endSession, exchangeToken, isDueForRenewal } from '@/services/sessions';

const schema = z.strictObject({ anyway: z.boolean().default(false) });

/** Signs this browser out of its kitchen. Where nobody could come back in, that has to be said twice. */
export async function DELETE(request: Request) {
  const session = await currentSession();
  const answer = await answerChange(request, schema, async (kitchenId, { anyway }, own) =>
    own.claimed || anyway
      ? endSession(kitchenId, own.id, 'signed-out', own.device)
      : succeed({ warning: 'Nobody can sign in to this kitchen: this browser is the only way in.' }),
  );
  if (answer.status === 200 && session.ok && !(await currentSession()).ok) await leaveKitchen(answer);
  return answer;
}

/** Exchanges this browser's token for another where it has been about for a week. */
export async function PUT() {
  const session = await currentSession();
  if (!session.ok) return refuse(401, 'This browser has no kitchen yet.');
  const response = NextResponse.json({ ok: true });
  if (!isDueForRenewal(session.value)) return response;
  const token = await exchangeToken(session.value);
  if (!token.ok) return answerFailure(token.failure);
  await replaceToken(response, token.value);
  return response;
}
