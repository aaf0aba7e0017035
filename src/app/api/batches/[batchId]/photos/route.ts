import { z } from 'zod';
import { answerChange } from '@/app/_lib/answer';
import { keepPhotoSchema, PHOTO_TEXT } from '@/schemas/photo';
import { fail } from '@/services/result';
import { keepPhoto } from '@/services/photos';

/** What stands around the picture in a request, bytes. */
const AROUND = 1000;

/** Keeps a photo of a batch. */
export async function POST(request: Request, { params }: RouteContext<'/api/batches/[batchId]/photos'>) {
  const batchId = z.uuid().safeParse((await params).batchId);
  return answerChange(
    request,
    keepPhotoSchema,
    async (kitchenId, photo) =>
      batchId.success ? keepPhoto(kitchenId, batchId.data, photo) : fail({ code: 'not-found' }),
    { largest: PHOTO_TEXT + AROUND },
  );
}
