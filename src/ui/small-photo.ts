import { PHOTO_SIDE, PHOTO_TEXT } from '../schemas/photo';

/** Qualities of the JPEG that are tried until it is small enough. */
const QUALITIES = [0.8, 0.6, 0.4, 0.25] as const;

/** A photo as it is sent. */
export interface SmallPhoto {
  readonly width: number;
  readonly height: number;
  /** JPEG in base64 */
  readonly image: string;
}

/** How large a picture becomes whose longer side may be so long, px. */
export function fitted(width: number, height: number, side: number): { width: number; height: number } {
  const scale = Math.min(1, side / Math.max(width, height));
  return { width: Math.max(1, Math.round(width * scale)), height: Math.max(1, Math.round(height * scale)) };
}

/** Draws a picture file anew, small and the right way up; where and by what it was taken is left out. Null where it is no picture. */
export async function smallPhoto(file: Blob): Promise<SmallPhoto | null> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => null);
  if (!bitmap) return null;
  const { width, height } = fitted(bitmap.width, bitmap.height, PHOTO_SIDE);
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  for (const quality of QUALITIES) {
    const [, image = ''] = canvas.toDataURL('image/jpeg', quality).split(',');
    if (image !== '' && image.length <= PHOTO_TEXT) return { width, height, image };
  }
  return null;
}
