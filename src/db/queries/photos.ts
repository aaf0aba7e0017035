import { PHOTOS_OF_BATCH, PHOTOS_OF_KITCHEN } from '@/schemas/photo';
import { change, find, list, type Runner } from '../query';

/** A photo without its picture. */
export interface PhotoRow {
  photo_id: string;
  width: number;
  height: number;
}

export async function listPhotos(kitchenId: string, batchId: string): Promise<PhotoRow[]> {
  return list<PhotoRow>(
    'SELECT photo_id, width, height FROM batch_photos WHERE kitchen_id = $1 AND batch_id = $2 ORDER BY taken_at',
    [kitchenId, batchId],
  );
}

/** The picture in base64, or null. */
export async function findImage(kitchenId: string, batchId: string, photoId: string): Promise<string | null> {
  const row = await find<{ image: string }>(
    'SELECT image FROM batch_photos WHERE kitchen_id = $1 AND batch_id = $2 AND photo_id = $3',
    [kitchenId, batchId, photoId],
  );
  return row?.image ?? null;
}

/** Has whoever keeps a photo in this kitchen wait for the one before, so that each counts what is there. */
export async function lockPhotos(kitchenId: string, runner: Runner): Promise<void> {
  await list('SELECT FROM kitchens WHERE kitchen_id = $1 FOR NO KEY UPDATE', [kitchenId], runner);
}

/** Keeps a photo of a batch of this kitchen once; false where it has as many as it may. The same again changes nothing. */
export async function insertPhoto(
  kitchenId: string,
  batchId: string,
  photo: { photoId: string; width: number; height: number; image: string },
  runner: Runner,
): Promise<boolean> {
  const changed = await change(
    `INSERT INTO batch_photos (photo_id, kitchen_id, batch_id, width, height, image)
     SELECT $3, $1, $2, $4, $5, $6
     WHERE (SELECT count(*) FROM batch_photos WHERE kitchen_id = $1 AND batch_id = $2) < $7
       AND (SELECT count(*) FROM batch_photos WHERE kitchen_id = $1) < $8
     ON CONFLICT (photo_id) DO UPDATE SET width = EXCLUDED.width WHERE batch_photos.kitchen_id = EXCLUDED.kitchen_id`,
    [kitchenId, batchId, photo.photoId, photo.width, photo.height, photo.image, PHOTOS_OF_BATCH, PHOTOS_OF_KITCHEN],
    runner,
  );
  return changed === 1;
}

export async function deletePhoto(kitchenId: string, batchId: string, photoId: string): Promise<boolean> {
  const changed = await change('DELETE FROM batch_photos WHERE kitchen_id = $1 AND batch_id = $2 AND photo_id = $3', [
    kitchenId,
    batchId,
    photoId,
  ]);
  return changed === 1;
}
