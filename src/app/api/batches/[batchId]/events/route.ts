import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { sessionForBatch } from '@/app/_lib/session';
import { appendEventsSchema } from '@/schemas/batch-event';
import { appendEvents } from '@/services/batches';
import { fail } from '@/services/result';

/** Appends what happened to a batch; an event sent twice is stored once. */
export async function POST(request: Request, { params }: RouteContext<'/api/batches/[batchId]/events'>) {
  const batchId = z.uuid().safeParse((await params).batchId);
  return answerChange(
    request,
    appendEventsSchema,
    async (kitchenId, body) =>
      batchId.success ? appendEvents(kitchenId, batchId.data, body.events) : fail({ code: 'not-found' }),
    { limit: 'events', session: sessionForBatch(batchId.data ?? '') },
  );
}
