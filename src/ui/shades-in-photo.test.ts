import { lab } from 'd3';
import { CRUMB_COAT } from '../core/food/coat';
import { colourAtBrowning } from '../core/food/colour-ramp';
import { shadesInPhoto, shadesInPixels } from './shades-in-photo';

const SHADES = [0.4, 0.7, 1, 1.2, 1.4, 1, 0.85, 0.55, 2.1];

/** A picture of nine slices with dark gaps between them, wider than high. */
function picture(width: number, height: number) {
  const data = new Uint8ClampedArray(4 * width * height);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const [column, row] = [(3 * x) / width, (3 * y) / height];
      const isGap = Math.abs((column % 1) - 0.5) > 0.44 || Math.abs((row % 1) - 0.5) > 0.44;
      const [l, a, b] = colourAtBrowning(CRUMB_COAT.ramp, SHADES[3 * Math.floor(row) + Math.floor(column)]!);
      const { r, g, b: blue } = lab(l, a, b).rgb();
      data.set(isGap ? [20, 20, 20, 255] : [r, g, blue, 255], 4 * (y * width + x));
    }
  }
  return { data, width, height };
}

test('the shade over each third is read, gaps and crusts left out', () => {
  shadesInPixels(picture(121, 90), CRUMB_COAT.ramp).forEach((read, place) =>
    expect(Math.abs(read - SHADES[place]!)).toBeLessThan(0.06),
  );
});

test('what is no picture is not read', async () => {
  Object.assign(globalThis, { createImageBitmap: () => Promise.reject(new Error('no picture')) });
  expect(await shadesInPhoto(new Blob(['text']), CRUMB_COAT.ramp)).toBeNull();
});
