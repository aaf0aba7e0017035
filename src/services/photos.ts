import { findBatch } from '@/db/queries/batches';
import { deletePhoto, findImage, insertPhoto, listPhotos, lockPhotos } from '@/db/queries/photos';
import { transact } from '@/db/query';
import type { BatchPhoto, NewPhoto } from '@/schemas/photo';
import { withoutMetadata } from '@/editing/jpeg-metadata';
import { fail, type Result, succeed, withKitchen } from './result';

/** The photos of a batch, the first taken first. */
export function loadPhotos(kitchenId: string, batchId: string): Promise<Result<BatchPhoto[]>> {
  return withKitchen(kitchenId, async () =>
    succeed((await listPhotos(kitchenId, batchId)).map(({ photo_id, ...size }) => ({ photoId: photo_id, ...size }))),
  );
}

/** Keeps a photo of a batch; refused where there are as many as there may be. */
export function keepPhoto(kitchenId: string, batchId: string, photo: NewPhoto): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    if (!(await findBatch(kitchenId, batchId))) return fail({ code: 'not-found' });
    const image = Buffer.from(withoutMetadata(Buffer.from(photo.image, 'base64'))).toString('base64');
    const kept = await transact(async (client) => {
      await lockPhotos(kitchenId, client);
      return insertPhoto(kitchenId, batchId, { ...photo, image }, client);
    });
    return kept ? succeed(null) : fail({ code: 'enough-photos' });
  });
}

/** The picture itself, a JPEG. */
export function readPhoto(kitchenId: string, batchId: string, photoId: string): Promise<Result<Buffer>> {
  return withKitchen(kitchenId, async () => {
    const image = await findImage(kitchenId, batchId, photoId);
    return image === null ? fail({ code: 'not-found' }) : succeed(Buffer.from(image, 'base64'));
  });
}

/** Takes a photo out for good. */
export function removePhoto(kitchenId: string, batchId: string, photoId: string): Promise<Result<null>> {
  return withKitchen(kitchenId, async () =>
    (await deletePhoto(kitchenId, batchId, photoId)) ? succeed(null) : fail({ code: 'not-found' }),
  );
}
