import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { recordOutcomeSchema } from '@/schemas/batch';
import { recordOutcome } from '@/services/batches';
import { fail } from '@/services/result';

/** Stores what the cook says of a batch. */
export async function PUT(request: Request, { params }: RouteContext<'/api/batches/[batchId]/outcome'>) {
  const batchId = z.uuid().safeParse((await params).batchId);
  return answerChange(request, recordOutcomeSchema, async (kitchenId, body) =>
    batchId.success ? recordOutcome(kitchenId, batchId.data, body) : fail({ code: 'not-found' }),
  );
}
