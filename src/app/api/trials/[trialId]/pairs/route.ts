import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { fail } from '@/services/result';
import { drawPair } from '@/services/trials';

/** Draws the next pair by chance. */
export async function POST(request: Request, { params }: RouteContext<'/api/trials/[trialId]/pairs'>) {
  const id = z.uuid().safeParse((await params).trialId);
  return answerChange(request, z.strictObject({}), async (kitchenId) =>
    id.success ? drawPair(kitchenId, id.data) : fail({ code: 'not-found' }),
  );
}
