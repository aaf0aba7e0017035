import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { copyEvening } from '@/services/evenings';
import { fail } from '@/services/result';

const copySchema = z.strictObject({ eveningId: z.uuid(), serveAt: z.int().min(0).max(8e15) });

/** Plans the same dishes for another day. */
export async function POST(request: Request, { params }: RouteContext<'/api/evenings/[eveningId]/copies'>) {
  const id = z.uuid().safeParse((await params).eveningId);
  return answerChange(request, copySchema, async (kitchenId, copy) =>
    id.success ? copyEvening(kitchenId, id.data, copy) : fail({ code: 'not-found' }),
  );
}
