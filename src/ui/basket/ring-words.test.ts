import { createSeededRandom } from '@/core/numeric/seeded-random';
import { isInBand, ringRadius, ringWords } from './ring-words';

const ROOM = { wide: 60, high: 20, gap: 14 };
const ring = (x: number, y: number) => ({ x, y, reach: 20 });

test('of two rings one above the other each word stands away from the other ring', () => {
  expect(ringWords([ring(200, 190), ring(200, 240)], 400, ROOM)).toEqual([
    { x: 200, y: 156 },
    { x: 200, y: 274 },
  ]);
  expect(ringWords([ring(200, 200), ring(200, 200)], 400, ROOM)).toEqual([
    { x: 200, y: 166 },
    { x: 200, y: 234 },
  ]);
});

test('at the edges a word stands where there is room; alone it stands below', () => {
  expect(ringWords([ring(200, 30), null], 400, ROOM)[0]!.y).toBeGreaterThan(30);
  expect(ringWords([ring(200, 380), ring(50, 200)], 400, ROOM)[0]!.y).toBeLessThan(380);
  expect(ringWords([ring(200, 200), null], 400, ROOM)).toEqual([{ x: 200, y: 234 }, null]);
});

test('wherever two rings lie, their words neither touch nor leave the drawer', () => {
  const random = createSeededRandom(11);
  for (let n = 0; n < 400; n++) {
    const edge = n % 2 === 0 ? 400 : 60;
    const words = ringWords([ring(400 * random(), edge * random()), ring(400 * random(), edge * random())], 400, ROOM);
    const [one, other] = words as [{ x: number; y: number }, { x: number; y: number }];
    const apart = Math.abs(one.x - other.x) >= ROOM.wide - 1e-9 || Math.abs(one.y - other.y) >= ROOM.high;
    expect(apart).toBe(true);
    for (const { x, y } of [one, other]) {
      expect(x).toBeGreaterThanOrEqual(30);
      expect(x).toBeLessThanOrEqual(370);
      expect(y).toBeGreaterThanOrEqual(10);
      expect(y).toBeLessThanOrEqual(390);
    }
  }
});

test('a slice has a round ring, a stick or a cube one with small corners', () => {
  expect(ringRadius(60, 56, 12, true)).toBe(30);
  expect(ringRadius(60, 60, 12, false)).toBe(12);
  expect(ringRadius(120, 16, 12, false)).toBe(8);
});

test('where a band of the picture is in view, what is ringed lies well within it, and its word does not leave it', () => {
  expect([0.5, 0.4, 0.33, 0.2].map((y) => isInBand(y, 0.45))).toEqual([true, true, false, false]);
  expect(isInBand(0.02, 1)).toBe(true);
  for (let y = 0.35; y < 0.66; y += 0.01) {
    for (const word of ringWords([ring(200, 400 * y), ring(120, 400 * (1 - y))], 400, ROOM, 0.45)) {
      expect(word!.y).toBeGreaterThanOrEqual(0.275 * 400 + 10);
      expect(word!.y).toBeLessThanOrEqual(0.725 * 400 - 10);
    }
  }
});
