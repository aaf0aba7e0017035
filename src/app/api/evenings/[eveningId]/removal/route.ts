import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { fail } from '@/services/result';
import { removeEvening } from '@/services/evenings';

/** Takes an evening out of the list, or puts it back. */
export async function PUT(request: Request, { params }: RouteContext<'/api/evenings/[eveningId]/removal'>) {
  const id = z.uuid().safeParse((await params).eveningId);
  return answerChange(request, z.strictObject({ removed: z.boolean() }), async (kitchenId, { removed }) =>
    id.success ? removeEvening(kitchenId, id.data, removed) : fail({ code: 'not-found' }),
  );
}
