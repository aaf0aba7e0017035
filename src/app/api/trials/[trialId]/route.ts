import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { fail } from '@/services/result';
import { endTrial } from '@/services/trials';

/** Settles for what is known, or goes on. */
export async function PUT(request: Request, { params }: RouteContext<'/api/trials/[trialId]'>) {
  const id = z.uuid().safeParse((await params).trialId);
  return answerChange(request, z.strictObject({ ended: z.boolean() }), async (kitchenId, { ended }) =>
    id.success ? endTrial(kitchenId, id.data, ended) : fail({ code: 'not-found' }),
  );
}
