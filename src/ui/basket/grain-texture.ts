import { DataTexture, LinearFilter, LinearMipmapLinearFilter, RepeatWrapping, RGBAFormat } from 'three';
import { createSeededRandom } from '../../core/numeric/seeded-random';

/** Pixels across; the grain repeats after 8 cm. */
const SIZE = 256;

/** Cells across the first octave of each channel: blotches, mottling, grain, and spots. Source: chosen by looking. */
const CELLS = [5, 13, 40, 27] as const;

/** Weights of the octaves, each twice as fine. */
const OCTAVES = [0.55, 0.3, 0.15] as const;

/** Value noise that repeats after `cells` cells, 0–1, over the whole picture. */
function noise(cells: number, seed: number): Float32Array {
  const random = createSeededRandom(seed);
  const lattice = Float32Array.from({ length: cells * cells }, random);
  const at = (x: number, y: number) => lattice[(y % cells) * cells + (x % cells)]!;
  const smooth = (t: number) => t * t * (3 - 2 * t);
  return Float32Array.from({ length: SIZE * SIZE }, (_, i) => {
    const [x, y] = [((i % SIZE) / SIZE) * cells, (Math.floor(i / SIZE) / SIZE) * cells];
    const [left, top] = [Math.floor(x), Math.floor(y)];
    const [u, v] = [smooth(x - left), smooth(y - top)];
    const upper = at(left, top) + (at(left + 1, top) - at(left, top)) * u;
    const lower = at(left, top + 1) + (at(left + 1, top + 1) - at(left, top + 1)) * u;
    return upper + (lower - upper) * v;
  });
}

let made: DataTexture | null = null;

/** How uneven food is, four kinds in one texture, made once: a look-up costs a hundredth of working it out at each pixel. */
export function grainTexture(): DataTexture {
  if (made) return made;
  const pixels = new Uint8Array(4 * SIZE * SIZE);
  CELLS.forEach((cells, channel) => {
    const octaves = OCTAVES.map((_, octave) => noise(cells * 2 ** octave, 11 * channel + octave + 1));
    for (let i = 0; i < SIZE * SIZE; i++) {
      const value = OCTAVES.reduce((sum, weight, octave) => sum + weight * octaves[octave]![i]!, 0);
      pixels[4 * i + channel] = Math.round(255 * value);
    }
  });
  made = new DataTexture(pixels, SIZE, SIZE, RGBAFormat);
  made.wrapS = RepeatWrapping;
  made.wrapT = RepeatWrapping;
  made.magFilter = LinearFilter;
  made.minFilter = LinearMipmapLinearFilter;
  made.generateMipmaps = true;
  made.needsUpdate = true;
  return made;
}
