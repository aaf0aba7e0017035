import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { leaveOut, removeBatch } from '@/services/learning';
import { fail, succeed } from '@/services/result';

const schema = z.strictObject({ leftOut: z.boolean().optional(), removed: z.boolean().optional() });

/** Whether a batch stands in the log, and whether anything is learnt from it. */
export async function PUT(request: Request, { params }: RouteContext<'/api/batches/[batchId]/place'>) {
  const batchId = z.uuid().safeParse((await params).batchId);
  return answerChange(request, schema, async (kitchenId, { leftOut, removed }) => {
    if (!batchId.success) return fail({ code: 'not-found' });
    const out = leftOut === undefined ? succeed(null) : await leaveOut(kitchenId, batchId.data, leftOut);
    return out.ok && removed !== undefined ? removeBatch(kitchenId, batchId.data, removed) : out;
  });
}
