import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { cutterSchema } from '@/schemas/kitchen';
import { removeCutter, saveCutter } from '@/services/kitchen';
import { fail } from '@/services/result';

type Context = RouteContext<'/api/kitchen/cutters/[cutterId]'>;

/** Saves a cutter setting under the id its device chose. */
export async function PUT(request: Request, { params }: Context) {
  const id = z.uuid().safeParse((await params).cutterId);
  return answerChange(request, cutterSchema, async (kitchenId, body) =>
    id.success ? saveCutter(kitchenId, { id: id.data, ...body }) : fail({ code: 'not-found' }),
  );
}

/** Removes it. */
export async function DELETE(request: Request, { params }: Context) {
  const id = z.uuid().safeParse((await params).cutterId);
  return answerChange(request, z.strictObject({}), async (kitchenId) =>
    id.success ? removeCutter(kitchenId, id.data) : fail({ code: 'not-found' }),
  );
}
