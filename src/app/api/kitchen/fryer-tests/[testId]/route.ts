import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { leaveTestOut } from '@/services/fryer-tests';
import { fail } from '@/services/result';

/** Leaves a test of a fryer out of what is learnt, or takes it in again. */
export async function PUT(request: Request, { params }: RouteContext<'/api/kitchen/fryer-tests/[testId]'>) {
  const id = z.uuid().safeParse((await params).testId);
  return answerChange(request, z.strictObject({ leftOut: z.boolean() }), async (kitchenId, { leftOut }) =>
    id.success ? leaveTestOut(kitchenId, id.data, leftOut) : fail({ code: 'not-found' }),
  );
}
