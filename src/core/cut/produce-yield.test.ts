import { findFood, listFoods } from '../food/catalogue';
import type { Cut } from './cut';
import { packLayer, overlap } from './pack-basket';
import { produceOf, produceVolume, type Produce } from './produce';
import { yieldOfOne } from './produce-yield';
import { createSeededRandom } from '../numeric/seeded-random';

const POTATO = findFood('potato-floury')!;
const stick = (thickness: number): Cut => ({ shape: 'stick', thickness, width: thickness, length: 0.07 });
const rustic = { squaredOff: false, skinOn: false };

test('what is cut from one is no more than it was: pieces, offcuts and peel make the whole', () => {
  for (const food of listFoods()) {
    for (const cut of [stick(0.01), { shape: 'slice', thickness: 0.003, diameter: 0.05 } as Cut]) {
      const produce = produceOf(food.id);
      const { mass, offcuts, trimmed, count } = yieldOfOne(produce, cut, rustic, food.density);
      expect(mass + offcuts + trimmed).toBeCloseTo(produceVolume(produce) * food.density, 9);
      expect(offcuts).toBeGreaterThanOrEqual(-1e-12);
      expect(count).toBeGreaterThanOrEqual(0);
    }
  }
});

test('a block of known size: its sticks are counted and nothing is left over', () => {
  const block: Produce = { length: 0.14, diameter: 0.05, body: 'block', trim: 0 };
  const { count, offcuts, lengths } = yieldOfOne(block, stick(0.01), rustic, 1000);
  expect(count).toBe(50);
  expect(offcuts).toBeCloseTo(0, 9);
  expect(lengths).toEqual([0.07, 0.07, 0.07]);
});

test('squaring off costs offcuts and evens the lengths; skin left on saves some', () => {
  const one = (squaredOff: boolean, skinOn: boolean) =>
    yieldOfOne(produceOf('potato-floury'), stick(0.01), { squaredOff, skinOn }, POTATO.density);
  expect(one(true, false).offcuts).toBeGreaterThan(one(false, false).offcuts * 1.2);
  expect(one(false, true).trimmed).toBeLessThan(one(false, false).trimmed);
  const flesh = ({ mass, offcuts }: ReturnType<typeof one>) => mass + offcuts;
  expect(flesh(one(false, true))).toBeGreaterThan(flesh(one(false, false)));
  expect(
    one(true, false)
      .grid.filter((cell) => cell.kept)
      .every((cell) => cell.share === 1),
  ).toBe(true);
});

test('thinner sticks are more of them, slices follow the length', () => {
  const count = (cut: Cut) => yieldOfOne(produceOf('potato-floury'), cut, rustic, POTATO.density).count;
  expect(count(stick(0.008))).toBeGreaterThan(count(stick(0.012)) * 1.5);
  expect(count({ shape: 'slice', thickness: 0.002, diameter: 0.05 })).toBeGreaterThan(
    1.8 * count({ shape: 'slice', thickness: 0.004, diameter: 0.05 }),
  );
});

const CUTS: readonly Cut[] = [
  stick(0.01),
  { shape: 'cube', thickness: 0.02 },
  { shape: 'slice', thickness: 0.002, diameter: 0.05 },
  { shape: 'wedge', thickness: 0.022, width: 0.026, length: 0.09 },
  { shape: 'floret', diameter: 0.04 },
  { shape: 'cylinder', diameter: 0.01, length: 0.09 },
];

test.each(CUTS.map((cut) => [cut.shape, cut] as const))(
  'packed %ss lie within the basket, none over another',
  (_, cut) => {
    const side = 0.224;
    const pieces = packLayer(cut, side, 400, createSeededRandom(3));
    expect(pieces.length).toBeGreaterThan(3);
    const shrunk = pieces.map((piece) => ({ ...piece, length: piece.length * 0.999, width: piece.width * 0.999 }));
    for (const [i, one] of shrunk.entries()) {
      const [across, up] = one.turn === 0 ? [one.length, one.width] : [one.width, one.length];
      expect(one.x - across / 2).toBeGreaterThanOrEqual(-1e-9);
      expect(one.x + across / 2).toBeLessThanOrEqual(side + 1e-9);
      expect(one.y - up / 2).toBeGreaterThanOrEqual(-1e-9);
      expect(one.y + up / 2).toBeLessThanOrEqual(side + 1e-9);
      for (const other of shrunk.slice(i + 1)) expect(overlap(one, other)).toBe(false);
    }
  },
);

test('no more are laid than there are, and the overlap test sees a crossing', () => {
  expect(packLayer(stick(0.01), 0.2, 7, createSeededRandom(1))).toHaveLength(7);
  const piece = { x: 0.1, y: 0.1, turn: 0, length: 0.07, width: 0.01, round: false };
  expect(overlap(piece, { ...piece, turn: Math.PI / 2 })).toBe(true);
  expect(overlap(piece, { ...piece, y: 0.1101 })).toBe(false);
  expect(overlap(piece, { ...piece, y: 0.1099 })).toBe(true);
});
