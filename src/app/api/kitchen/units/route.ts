import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { chooseUnits } from '@/services/kitchen';

const schema = z.strictObject({ unitSystem: z.enum(['metric', 'us']) });

/** Switches the kitchen's units. */
export async function PUT(request: Request) {
  return answerChange(request, schema, (kitchenId, body) => chooseUnits(kitchenId, body.unitSystem));
}
