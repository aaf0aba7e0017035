import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { keepVersion } from '@/services/plans';
import { fail } from '@/services/result';

const schema = z.strictObject({});

/** Keeps the plan as it is now as a version. */
export async function POST(request: Request, { params }: RouteContext<'/api/plans/[planId]/versions'>) {
  const planId = z.uuid().safeParse((await params).planId);
  return answerChange(request, schema, async (kitchenId) =>
    planId.success ? keepVersion(kitchenId, planId.data) : fail({ code: 'not-found' }),
  );
}
