import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { chooseFryerLearning } from '@/services/learning';
import { fail } from '@/services/result';

/** Latest moment a database keeps, ms since 1970. Source: chosen, the year 9999. */
const LATEST = 253_370_764_800_000;

const schema = z.strictObject({
  inUse: z.boolean().optional(),
  /** ms since 1970, from when on its batches count; null counts all */
  from: z.int().min(0).max(LATEST).nullable().optional(),
});

/** Whether forecasts use what was learnt of a fryer, and since when. */
export async function PUT(request: Request, { params }: RouteContext<'/api/kitchen/fryers/[fryerId]/learning'>) {
  const id = z.uuid().safeParse((await params).fryerId);
  return answerChange(request, schema, async (kitchenId, body) =>
    id.success ? chooseFryerLearning(kitchenId, id.data, body) : fail({ code: 'not-found' }),
  );
}
