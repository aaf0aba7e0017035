import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { fail } from '@/services/result';
import { revealPair } from '@/services/trials';

const place = z.object({ trialId: z.uuid(), pair: z.coerce.number().int().min(1).max(40) });

/** Tells whoever fills the bowls which is which. */
export async function POST(request: Request, { params }: RouteContext<'/api/trials/[trialId]/pairs/[pair]/reveal'>) {
  const at = place.safeParse(await params);
  return answerChange(request, z.strictObject({}), async (kitchenId) =>
    at.success ? revealPair(kitchenId, at.data.trialId, at.data.pair) : fail({ code: 'not-found' }),
  );
}
