import { lab } from 'd3';
import { colourAtBrowning, type ColourRamp } from '../../core/food/colour-ramp';

/** Browning levels in a palette, from 0 to BROWNEST; beyond it is charred. */
export const LEVELS = 192;
export const BROWNEST = 6;

/** sRGB of a food along its browning, ready for painting. */
export interface FoodPalette {
  /** [level][r, g, b] flat, 0–255 */
  readonly bytes: Uint8ClampedArray;
}

const palettes = new WeakMap<ColourRamp, FoodPalette>();

/** The palette of a ramp, made once. */
export function paletteOf(ramp: ColourRamp): FoodPalette {
  const known = palettes.get(ramp);
  if (known) return known;
  const bytes = new Uint8ClampedArray(LEVELS * 3);
  for (let level = 0; level < LEVELS; level++) {
    const [l, a, b] = colourAtBrowning(ramp, (level / (LEVELS - 1)) * BROWNEST);
    const rgb = lab(l, a, b).rgb();
    bytes.set([rgb.r, rgb.g, rgb.b], level * 3);
  }
  const palette = { bytes };
  palettes.set(ramp, palette);
  return palette;
}

/** Index of the first byte of a browning's colour. */
export function paletteOffset(browning: number): number {
  const level = Math.round((Math.max(0, browning) / BROWNEST) * (LEVELS - 1));
  return Math.min(LEVELS - 1, level) * 3;
}

/** CSS colour of a food at a browning. */
export function foodColour(ramp: ColourRamp, browning: number): string {
  const { bytes } = paletteOf(ramp);
  const at = paletteOffset(browning);
  return `rgb(${bytes[at]} ${bytes[at + 1]} ${bytes[at + 2]})`;
}
