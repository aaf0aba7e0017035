import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { eveningFileSchema } from '@/schemas/evening-file';
import { fail } from '@/services/result';
import { saveEvening } from '@/services/evenings';

const saveSchema = z.strictObject({ document: eveningFileSchema, base: z.int().min(0).nullable() });

/** Keeps an evening. */
export async function PUT(request: Request, { params }: RouteContext<'/api/evenings/[eveningId]'>) {
  const id = z.uuid().safeParse((await params).eveningId);
  return answerChange(request, saveSchema, async (kitchenId, body) =>
    id.success ? saveEvening(kitchenId, id.data, body) : fail({ code: 'not-found' }),
  );
}
