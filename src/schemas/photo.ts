import { z } from 'zod';

/** Longest side of a photo that is kept, px, and its longest text in base64, characters. Source: chosen, so that all photos of a kitchen fit its archive. */
export const PHOTO_SIDE = 1024;
export const PHOTO_TEXT = 160_000;

/** Photos of a batch, and of all batches of a kitchen. Source: chosen. */
export const PHOTOS_OF_BATCH = 6;
export const PHOTOS_OF_KITCHEN = 100;

/** How every JPEG begins, in base64: FF D8 FF. */
const JPEG = /^\/9j\/[A-Za-z0-9+/]+={0,2}$/;

const side = z.int().min(1).max(2000);

/** Body of a request that keeps a photo, as the device made it small. */
export const keepPhotoSchema = z.strictObject({
  photoId: z.uuid(),
  width: side,
  height: side,
  image: z.string().max(PHOTO_TEXT, 'is too large').regex(JPEG, 'is no JPEG'),
});

/** @see keepPhotoSchema */
export type NewPhoto = z.output<typeof keepPhotoSchema>;

/** A photo of a batch; the picture itself has an address of its own. */
export type BatchPhoto = Omit<NewPhoto, 'image'>;
