import { createSeededRandom } from '../numeric/seeded-random';
import { createBed, mixBed } from './bed';
import { placeAt, PLACES, placesApart, placesAtRandom, thickToStrong } from './places';

const times = (over: ArrayLike<number>) =>
  Array.from({ length: PLACES }, (_, place) => Array.from(over).filter((own) => own === place).length);

test('places are counted from the back left, row by row; beyond the walls the nearest counts', () => {
  expect(placeAt(0.1, 0.1)).toBe(0);
  expect(placeAt(0.9, 0.1)).toBe(2);
  expect(placeAt(0.1, 0.9)).toBe(6);
  expect(placeAt(1.2, -0.3)).toBe(2);
  expect(placesApart(0, 8)).toBe(4);
  expect(placesApart(1, 7)).toBe(2);
});

test('as many pieces come to lie over one place as over another, and a shake keeps it so', () => {
  const random = createSeededRandom(2);
  expect(times(placesAtRandom(90, random))).toEqual(new Array(PLACES).fill(10));
  const bed = createBed(new Float64Array(90).fill(1), random, new Array<number>(PLACES).fill(1));
  const before = Array.from(bed.over);
  mixBed(bed, 0.8, 0.9, random);
  expect(times(bed.over)).toEqual(new Array(PLACES).fill(10));
  const moved = before.filter((place, p) => place !== bed.over[p]).length;
  expect(moved).toBeGreaterThan(50);
  expect(moved).toBeLessThan(80);
});

test('where no places are told apart chance is not asked for them', () => {
  const drawn = (strengths?: readonly number[]) => {
    let asked = 0;
    const random = createSeededRandom(2);
    mixBed(
      createBed(new Float64Array(20).fill(1), () => (asked++, random()), strengths),
      0.8,
      0.9,
      () => (asked++, random()),
    );
    return asked;
  };
  expect(drawn(new Array<number>(PLACES).fill(1))).toBeGreaterThan(drawn());
});

test('a cook lays clearly thicker pieces over the stronger places', () => {
  const strengths = [1.2, 1.1, 1.1, 1, 1, 1, 0.9, 0.9, 0.8];
  const over = Uint8Array.from({ length: 18 }, (_, p) => p % PLACES);
  const thickness = Array.from({ length: 18 }, (_, p) => 8 + p * 0.5);
  const dealt = thickToStrong(over, thickness, strengths, createSeededRandom(4));
  expect(times(dealt)).toEqual(times(over));
  const meanOf = (pieces: number[]) => pieces.reduce((sum, p) => sum + strengths[dealt[p]!]!, 0) / pieces.length;
  expect(meanOf([12, 13, 14, 15, 16, 17])).toBeGreaterThan(1.1);
  expect(meanOf([0, 1, 2, 3, 4, 5])).toBeLessThan(0.93);
});
