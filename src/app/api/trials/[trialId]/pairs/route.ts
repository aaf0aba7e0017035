import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { drawPairSchema } from '@/schemas/trial';
import { fail } from '@/services/result';
import { drawPair } from '@/services/trials';

/** Draws the next pair by chance. */
export async function POST(request: Request, { params }: RouteContext<'/api/trials/[trialId]/pairs'>) {
  const id = z.uuid().safeParse((await params).trialId);
  return answerChange(request, drawPairSchema, async (kitchenId, { sideBySide }) =>
    id.success ? drawPair(kitchenId, id.data, sideBySide) : fail({ code: 'not-found' }),
  );
}
