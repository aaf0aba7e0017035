import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { duplicatePlan } from '@/services/plans';
import { fail } from '@/services/result';

const schema = z.strictObject({});

/** Copies a plan. */
export async function POST(request: Request, { params }: RouteContext<'/api/plans/[planId]/copies'>) {
  const planId = z.uuid().safeParse((await params).planId);
  return answerChange(request, schema, async (kitchenId) =>
    planId.success ? duplicatePlan(kitchenId, planId.data) : fail({ code: 'not-found' }),
  );
}
