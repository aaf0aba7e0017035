import { answerChange } from '@/app/_lib/answer';
import { beginBatchSchema } from '@/schemas/batch';
import { beginBatch } from '@/services/batches';

/** Begins a batch. */
export async function POST(request: Request) {
  return answerChange(request, beginBatchSchema, beginBatch);
}
