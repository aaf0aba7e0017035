import type { CookRecord } from '../../core/batch/cook-record';
import { paletteOf, paletteOffset } from '../colour/food-colours';
import type { FieldPart } from './field-parts';

/** Browning of every face of one part at a sample, palest first. */
export function sortedFaces(record: CookRecord, sample: number, part = 0): Float32Array {
  const faces: number[] = [];
  for (let p = 0; p < record.pieces; p++) {
    if (record.part[p] !== part) continue;
    const at = 2 * (sample * record.pieces + p);
    faces.push(record.browning[at]!, record.browning[at + 1]!);
  }
  return Float32Array.from(faces).sort();
}

/** Rows of the field that each part takes, from above. */
export function bandsOf(record: Pick<CookRecord, 'pieces' | 'part'>, parts: number): number[] {
  const rows = new Array<number>(parts).fill(0);
  for (let p = 0; p < record.pieces; p++) rows[record.part[p]!]! += 2;
  return rows;
}

/**
 * The colour field as an image: a column a sample, a row a face, a band a food, palest above in each, each cell in the colour that
 * face will have; nothing before a food goes in. The column of sample s stands for the interval before it.
 */
export function fieldImage(record: CookRecord, parts: readonly FieldPart[]): ImageData {
  const columns = record.samples - 1;
  const image = new ImageData(columns, 2 * record.pieces);
  let top = 0;
  for (const [index, { ramp, from: joins }] of parts.entries()) {
    const { bytes } = paletteOf(ramp);
    let rows = 0;
    for (let column = 0; column < columns; column++) {
      const faces = sortedFaces(record, column + 1, index);
      rows = faces.length;
      if ((column + 1) * record.interval <= joins && joins > 0) continue;
      for (let row = 0; row < rows; row++) {
        const from = paletteOffset(faces[row]!);
        const to = 4 * ((top + row) * columns + column);
        image.data[to] = bytes[from]!;
        image.data[to + 1] = bytes[from + 1]!;
        image.data[to + 2] = bytes[from + 2]!;
        image.data[to + 3] = 255;
      }
    }
    top += rows;
  }
  return image;
}

/** Paints the field, a pixel a cell; the page scales it with sharp edges. */
export function paintField(canvas: HTMLCanvasElement, record: CookRecord, parts: readonly FieldPart[]): void {
  const context = canvas.getContext('2d');
  if (!context) return;
  const image = fieldImage(record, parts);
  if (canvas.width !== image.width) canvas.width = image.width;
  if (canvas.height !== image.height) canvas.height = image.height;
  context.putImageData(image, 0, 0);
}
