import { NextResponse } from 'next/server';
import { z } from 'zod';
import { mayRequest } from '@/app/_lib/rate-limit';
import { sessionKitchenId } from '@/app/_lib/session';
import { inviteDevice } from '@/services/invites';

/** Makes a token by which another device may join this batch, once. */
export async function POST(_request: Request, { params }: RouteContext<'/api/batches/[batchId]/invites'>) {
  const kitchenId = await sessionKitchenId();
  const batchId = z.uuid().safeParse((await params).batchId);
  if (!kitchenId || !batchId.success) return NextResponse.json({ error: 'There is no such batch.' }, { status: 404 });
  if (!mayRequest(kitchenId)) return NextResponse.json({ error: 'Wait a few seconds.' }, { status: 429 });
  const invite = await inviteDevice(kitchenId, batchId.data);
  if (invite.ok) return NextResponse.json({ token: invite.value });
  return invite.failure.code === 'database-away'
    ? NextResponse.json({ error: 'The database cannot be reached.' }, { status: 503 })
    : NextResponse.json({ error: 'There is no such batch.' }, { status: 404 });
}
