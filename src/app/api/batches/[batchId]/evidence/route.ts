import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { keepEvidenceSchema } from '@/schemas/evidence-schema';
import { keepEvidence } from '@/services/learning';
import { fail } from '@/services/result';

/** Keeps what a batch says, as a device worked it out. */
export async function PUT(request: Request, { params }: RouteContext<'/api/batches/[batchId]/evidence'>) {
  const batchId = z.uuid().safeParse((await params).batchId);
  return answerChange(request, keepEvidenceSchema, async (kitchenId, body) =>
    batchId.success ? keepEvidence(kitchenId, batchId.data, body) : fail({ code: 'not-found' }),
  );
}
