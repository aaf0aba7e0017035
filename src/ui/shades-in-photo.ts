import { lab, rgb } from 'd3';
import { browningOfColour, type ColourRamp } from '../core/food/colour-ramp';
import { PLACES, PLACES_A_SIDE } from '../core/fryer/places';
import { fitted } from './small-photo';

/** Side of the picture that is looked at, px, and the share of each third in whose middle its colour is taken. Source: chosen; crusts and gaps stay out. */
const SIDE = 300;
const MIDDLE = 0.4;

/**
 * Browning over each third of a picture of the floor, seen straight from above with the handle in front and filling the picture.
 * @param pixels RGBA, row by row, 0–255
 */
export function shadesInPixels(
  { data, width, height }: Pick<ImageData, 'data' | 'width' | 'height'>,
  ramp: ColourRamp,
): number[] {
  return Array.from({ length: PLACES }, (_, place) => {
    const span = (third: number, length: number) => {
      const middle = ((third + 0.5) / PLACES_A_SIDE) * length;
      const half = (MIDDLE / 2 / PLACES_A_SIDE) * length;
      return [Math.floor(middle - half), Math.ceil(middle + half)] as const;
    };
    const [left, right] = span(place % PLACES_A_SIDE, width);
    const [top, bottom] = span(Math.floor(place / PLACES_A_SIDE), height);
    const sum = [0, 0, 0];
    for (let y = top; y < bottom; y++) {
      for (let x = left; x < right; x++) for (let c = 0; c < 3; c++) sum[c]! += data[4 * (y * width + x) + c]!;
    }
    const count = (right - left) * (bottom - top);
    const { l, a, b } = lab(rgb(sum[0]! / count, sum[1]! / count, sum[2]! / count));
    return browningOfColour(ramp, [l, a, b]);
  });
}

/** The same of a picture file, which stays on the device; null where it is no picture. */
export async function shadesInPhoto(file: Blob, ramp: ColourRamp): Promise<number[] | null> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => null);
  if (!bitmap) return null;
  const { width, height } = fitted(bitmap.width, bitmap.height, SIDE);
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  const context = canvas.getContext('2d');
  context?.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  return context ? shadesInPixels(context.getImageData(0, 0, width, height), ramp) : null;
}
