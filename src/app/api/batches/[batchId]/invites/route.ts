import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { inviteDevice } from '@/services/invites';
import { fail } from '@/services/result';

/** Makes a token by which another device may follow this batch, once. */
export async function POST(request: Request, { params }: RouteContext<'/api/batches/[batchId]/invites'>) {
  const batchId = z.uuid().safeParse((await params).batchId);
  return answerChange(request, z.strictObject({}), async (kitchenId) =>
    batchId.success ? inviteDevice(kitchenId, batchId.data) : fail({ code: 'not-found' }),
  );
}
