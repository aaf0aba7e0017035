import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { fryerSchema } from '@/schemas/kitchen';
import { removeFryer, saveFryer } from '@/services/kitchen';
import { fail } from '@/services/result';

type Context = RouteContext<'/api/kitchen/fryers/[fryerId]'>;

/** Saves a fryer under the id its device chose. */
export async function PUT(request: Request, { params }: Context) {
  const id = z.uuid().safeParse((await params).fryerId);
  return answerChange(request, fryerSchema, async (kitchenId, body) =>
    id.success ? saveFryer(kitchenId, { id: id.data, ...body }) : fail({ code: 'not-found' }),
  );
}

/** Takes it out of the kitchen. */
export async function DELETE(request: Request, { params }: Context) {
  const id = z.uuid().safeParse((await params).fryerId);
  return answerChange(request, z.strictObject({}), async (kitchenId) =>
    id.success ? removeFryer(kitchenId, id.data) : fail({ code: 'not-found' }),
  );
}
