import fc from 'fast-check';
import { findFood } from '../food/catalogue';
import { batchYield } from './batch-yield';
import type { Cut } from './cut';
import { pieceGeometry, scaleThickness } from './piece-geometry';
import { cellBoundaries, cellVolumes } from '../piece/piece-grid';

const length = fc.double({ min: 1e-3, max: 0.1, noNaN: true });
const cuts: fc.Arbitrary<Cut> = fc.oneof(
  fc.tuple(length, length, length).map((sides): Cut => {
    const [thickness, width, long] = sides.sort((a, b) => a - b) as [number, number, number];
    return { shape: 'stick', thickness, width, length: long };
  }),
  fc
    .tuple(length, length)
    .map(([a, b]): Cut => ({ shape: 'slice', thickness: Math.min(a, b), diameter: Math.max(a, b) })),
  length.map((thickness): Cut => ({ shape: 'cube', thickness })),
);

test('the exponent gives back the true ratio of surface to volume, for any cut', () => {
  fc.assert(
    fc.property(cuts, (cut) => {
      const { exponent, halfThickness, surface, volume, edgeShare } = pieceGeometry(cut);
      expect(exponent + 1).toBeCloseTo((halfThickness * surface) / volume, 6);
      expect(edgeShare).toBeGreaterThan(0);
      expect(edgeShare).toBeLessThanOrEqual(1);
    }),
  );
});

test('known bodies: a wide slab is flat, a cube is like a ball', () => {
  expect(pieceGeometry({ shape: 'stick', thickness: 0.01, width: 10, length: 10 }).exponent).toBeCloseTo(0.002, 6);
  expect(pieceGeometry({ shape: 'cube', thickness: 0.02 }).exponent).toBe(2);
});

test('the grid fills the piece, is symmetric, and is finest at the skin', () => {
  fc.assert(
    fc.property(cuts, fc.constantFrom(15, 21, 41), (cut, cells) => {
      const { halfThickness, exponent } = pieceGeometry(cut);
      const boundaries = cellBoundaries(halfThickness, cells);
      const volumes = cellVolumes(boundaries, exponent);
      const total = volumes.reduce((sum, v) => sum + v, 0);
      expect(total / ((2 * halfThickness) / (exponent + 1))).toBeCloseTo(1, 6);
      expect(boundaries[0]).toBeCloseTo(-halfThickness, 12);
      expect(volumes[0]! / volumes[cells - 1]!).toBeCloseTo(1, 6);
      const skin = boundaries[1]! - boundaries[0]!;
      const middle = boundaries[(cells + 1) / 2]! - boundaries[(cells - 1) / 2]!;
      expect(skin).toBeLessThanOrEqual(middle * 1.001);
    }),
  );
});

test('pieces of a batch: count by mass, surface by cut', () => {
  const potato = findFood('potato-floury')!;
  const cut: Cut = { shape: 'stick', thickness: 0.01, width: 0.01, length: 0.07 };
  const { count, pieceMass, surface } = batchYield(potato, cut, 0.5);
  expect(pieceMass).toBeCloseTo(0.007595, 6);
  expect(count).toBe(66);
  expect(surface / count).toBeCloseTo(pieceGeometry(cut).surface, 4);
  expect(batchYield(potato, scaleThickness(cut, 2), 0.5).surface).toBeLessThan(surface);
});
