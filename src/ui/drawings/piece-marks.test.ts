import type { Cut } from '../../core/cut/cut';
import { foodColour } from '../colour/food-colours';
import { findFood } from '../../core/food/catalogue';
import { inkColour } from './ink-colour';
import { isEachItsOwn, pieceMarks } from './piece-marks';
import { sizeFromAbove } from './piece-size';

const mm = 1e-3;
const CUTS: readonly Cut[] = [
  { shape: 'stick', thickness: 10 * mm, width: 10 * mm, length: 70 * mm },
  { shape: 'cube', thickness: 20 * mm },
  { shape: 'wedge', thickness: 25 * mm, width: 30 * mm, length: 80 * mm },
  { shape: 'slice', thickness: 2 * mm, diameter: 50 * mm },
  { shape: 'disc', thickness: 12 * mm, diameter: 50 * mm },
  { shape: 'floret', diameter: 35 * mm },
  { shape: 'cylinder', diameter: 12 * mm, length: 120 * mm },
  { shape: 'sheet', thickness: 0.5 * mm, width: 50 * mm, length: 60 * mm },
];

/** Ends of all lines of a path, mm. */
function pointsOf(path: string): [number, number][] {
  const points: [number, number][] = [];
  let [x, y] = [0, 0];
  for (const [, letter, rest] of path.matchAll(/([MLQahvHz])([^MLQahvHz]*)/g)) {
    const numbers = (rest!.match(/-?[\d.]+/g) ?? []).map(Number);
    if (letter === 'M' || letter === 'L' || letter === 'Q') [x, y] = numbers.slice(-2) as [number, number];
    if (letter === 'a') [x, y] = [x + numbers[5]!, y + numbers[6]!];
    if (letter === 'h') x += numbers[0]!;
    if (letter === 'H') x = numbers[0]!;
    if (letter === 'v') y += numbers[0]!;
    points.push([x, y]);
  }
  return points;
}

test.each(CUTS)('a $shape is drawn as large as it is cut, and its shadow hardly larger', (cut) => {
  const [long] = sizeFromAbove(cut);
  const xs = pieceMarks(cut, false, 0.4).flatMap(({ path }) => pointsOf(path).map(([x]) => x));
  expect(xs.every(Number.isFinite)).toBe(true);
  const reach = Math.max(...xs) - Math.min(...xs);
  expect(reach).toBeGreaterThan(0.8 * long);
  expect(reach).toBeLessThan(1.15 * long + 2);
});

test('the browner ends of something round lie within its outline', () => {
  const ball: Cut = { shape: 'cylinder', diameter: 28 * mm, length: 28 * mm };
  const ends = pieceMarks(ball, false, 0.4).at(-1)!;
  for (const [x, y] of pointsOf(ends.path)) expect(Math.hypot(x, y)).toBeLessThan(14.05);
});

test.each(CUTS)('a $shape is the same each time, and its edges are browner than its flat', (cut) => {
  const marks = pieceMarks(cut, false, 0.4);
  expect(pieceMarks(cut, false, 0.4)).toEqual(marks);
  const inks = marks.flatMap(({ fill, stroke }) => [fill, stroke]).filter((ink) => typeof ink === 'number');
  expect(inks).toContain(0);
  expect(Math.max(...inks)).toBeGreaterThan(0.5);
});

test.each(CUTS)('of a $shape each piece is its own exactly where another twist draws it otherwise', (cut) => {
  for (const coated of [false, true]) {
    const isAnother = JSON.stringify(pieceMarks(cut, coated, 0.2)) !== JSON.stringify(pieceMarks(cut, coated, 0.8));
    expect(isEachItsOwn(cut, coated)).toBe(isAnother);
  }
});

test('a coat is grainy, each grain a little paler or browner than the piece', () => {
  const bare = pieceMarks(CUTS[0]!, false, 0.4);
  const grains = pieceMarks(CUTS[0]!, true, 0.4).slice(bare.length);
  expect(grains).toHaveLength(26);
  const inks = grains.map(({ fill }) => fill as number);
  expect(Math.min(...inks)).toBeLessThan(-0.4);
  expect(Math.max(...inks)).toBeGreaterThan(0.4);
});

test('an ink is a colour of its own, or that of a browner food', () => {
  const { ramp } = findFood('potato-floury')!;
  expect(inkColour(ramp, 1, '#1b1e22')).toBe('#1b1e22');
  expect(inkColour(ramp, 1, 0.5)).toBe(foodColour(ramp, 1.5));
  expect(inkColour(ramp, 0.2, -0.45)).toBe(foodColour(ramp, 0));
});
