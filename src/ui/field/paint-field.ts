import type { CookRecord } from '../../core/batch/cook-record';
import type { ColourRamp } from '../../core/food/colour-ramp';
import { paletteOf, paletteOffset } from '../colour/food-colours';

/** Browning of every face at a sample, palest first. */
export function sortedFaces(record: CookRecord, sample: number): Float32Array {
  const faces = 2 * record.pieces;
  return record.browning.slice(sample * faces, (sample + 1) * faces).sort();
}

/**
 * The colour field as an image: a column a sample, a row a face, palest above, each cell in the colour that face will
 * have. The column of sample s stands for the interval before it.
 */
export function fieldImage(record: CookRecord, ramp: ColourRamp): ImageData {
  const columns = record.samples - 1;
  const rows = 2 * record.pieces;
  const image = new ImageData(columns, rows);
  const { bytes } = paletteOf(ramp);
  for (let column = 0; column < columns; column++) {
    const faces = sortedFaces(record, column + 1);
    for (let row = 0; row < rows; row++) {
      const from = paletteOffset(faces[row]!);
      const to = 4 * (row * columns + column);
      image.data[to] = bytes[from]!;
      image.data[to + 1] = bytes[from + 1]!;
      image.data[to + 2] = bytes[from + 2]!;
      image.data[to + 3] = 255;
    }
  }
  return image;
}

/** Paints the field over the whole canvas, cells with sharp edges. */
export function paintField(canvas: HTMLCanvasElement, record: CookRecord, ramp: ColourRamp): void {
  const context = canvas.getContext('2d');
  if (!context) return;
  const image = fieldImage(record, ramp);
  const small = document.createElement('canvas');
  small.width = image.width;
  small.height = image.height;
  small.getContext('2d')?.putImageData(image, 0, 0);
  context.imageSmoothingEnabled = false;
  context.drawImage(small, 0, 0, canvas.width, canvas.height);
}
