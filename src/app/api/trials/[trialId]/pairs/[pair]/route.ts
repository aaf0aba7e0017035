import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { tasteSchema } from '@/schemas/trial';
import { fail } from '@/services/result';
import { taste } from '@/services/trials';

const place = z.object({ trialId: z.uuid(), pair: z.coerce.number().int().min(1).max(40) });

/** What a taster says of a pair. */
export async function PUT(request: Request, { params }: RouteContext<'/api/trials/[trialId]/pairs/[pair]'>) {
  const at = place.safeParse(await params);
  return answerChange(request, tasteSchema, async (kitchenId, said) =>
    at.success ? taste(kitchenId, at.data.trialId, at.data.pair, said) : fail({ code: 'not-found' }),
  );
}
