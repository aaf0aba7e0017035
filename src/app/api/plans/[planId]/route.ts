import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { savePlanSchema } from '@/schemas/batch';
import { savePlan } from '@/services/plans';
import { fail } from '@/services/result';

/** Saves a plan under the id its device chose. */
export async function PUT(request: Request, { params }: RouteContext<'/api/plans/[planId]'>) {
  const planId = z.uuid().safeParse((await params).planId);
  return answerChange(request, savePlanSchema, async (kitchenId, body) =>
    planId.success ? savePlan(kitchenId, planId.data, body) : fail({ code: 'not-found' }),
  );
}
