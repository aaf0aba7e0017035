import { z } from 'zod';
import { answerChange, answerFailure } from '@/app/_lib/answer';
import { answerRead } from '@/app/_lib/answer-read';
import { readPhoto, removePhoto } from '@/services/photos';
import { fail } from '@/services/result';

type Context = RouteContext<'/api/batches/[batchId]/photos/[photoId]'>;

const paramsSchema = z.object({ batchId: z.uuid(), photoId: z.uuid() });

/** The picture, for this kitchen's eyes alone. */
export async function GET(request: Request, { params }: Context) {
  const ids = paramsSchema.safeParse(await params);
  return answerRead(request, async (kitchenId) => {
    if (!ids.success) return answerFailure({ code: 'not-found' });
    const photo = await readPhoto(kitchenId, ids.data.batchId, ids.data.photoId);
    if (!photo.ok) return answerFailure(photo.failure);
    return new Response(new Uint8Array(photo.value), {
      headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, no-store' },
    });
  });
}

/** Takes a photo out. */
export async function DELETE(request: Request, { params }: Context) {
  const ids = paramsSchema.safeParse(await params);
  return answerChange(request, z.strictObject({}), async (kitchenId) =>
    ids.success ? removePhoto(kitchenId, ids.data.batchId, ids.data.photoId) : fail({ code: 'not-found' }),
  );
}
