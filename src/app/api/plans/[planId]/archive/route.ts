import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { archivePlan } from '@/services/plans';
import { fail } from '@/services/result';

const schema = z.strictObject({ archived: z.boolean() });

/** Puts a plan away, or takes it out again. */
export async function POST(request: Request, { params }: RouteContext<'/api/plans/[planId]/archive'>) {
  const planId = z.uuid().safeParse((await params).planId);
  return answerChange(request, schema, async (kitchenId, body) =>
    planId.success ? archivePlan(kitchenId, planId.data, body.archived) : fail({ code: 'not-found' }),
  );
}
