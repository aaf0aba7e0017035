import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { keepFryerTestSchema } from '@/schemas/fryer-test-schema';
import { keepFryerTest } from '@/services/fryer-tests';
import { fail } from '@/services/result';

/** Keeps what was read in a test of a fryer. */
export async function POST(request: Request, { params }: RouteContext<'/api/kitchen/fryers/[fryerId]/tests'>) {
  const id = z.uuid().safeParse((await params).fryerId);
  return answerChange(request, keepFryerTestSchema, async (kitchenId, body) =>
    id.success ? keepFryerTest(kitchenId, id.data, body) : fail({ code: 'not-found' }),
  );
}
