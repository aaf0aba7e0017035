import { settlePieces } from './settle-pieces';

const SIDE = 220;

test('the same seed lays the same pieces, another one others', () => {
  expect(settlePieces(40, 70, 10, SIDE, 3)).toEqual(settlePieces(40, 70, 10, SIDE, 3));
  expect(settlePieces(40, 70, 10, SIDE, 4)).not.toEqual(settlePieces(40, 70, 10, SIDE, 3));
});

test('every piece lies within the basket, however long', () => {
  for (const [long, wide] of [
    [70, 10],
    [150, 12],
    [50, 50],
    [9, 9],
  ] as const) {
    for (const { x, y, turn } of settlePieces(60, long, wide, SIDE, 1)) {
      const angle = (turn * Math.PI) / 180;
      for (const end of [-1, 1]) {
        expect(x + (end * Math.cos(angle) * long) / 2).toBeGreaterThanOrEqual(0);
        expect(x + (end * Math.cos(angle) * long) / 2).toBeLessThanOrEqual(SIDE);
        expect(y + (end * Math.sin(angle) * long) / 2).toBeGreaterThanOrEqual(0);
        expect(y + (end * Math.sin(angle) * long) / 2).toBeLessThanOrEqual(SIDE);
      }
    }
  }
});

test('pieces that have room lie apart', () => {
  const pieces = settlePieces(9, 20, 20, SIDE, 2);
  const gaps = pieces.flatMap((a, i) => pieces.slice(i + 1).map((b) => Math.hypot(a.x - b.x, a.y - b.y)));
  expect(Math.min(...gaps)).toBeGreaterThan(20);
});
