import { createSeededRandom } from '../../core/numeric/seeded-random';

/** A piece lying in the basket, mm from its corner and degrees; those drawn later lie on top. */
export interface LyingPiece {
  readonly x: number;
  readonly y: number;
  readonly turn: number;
  /** 0–1, makes each a little different */
  readonly twist: number;
}

/** Places tried for each piece before the best is taken. Source: chosen by looking. */
const TRIES = 18;

/** Points along a piece at which its distance to others is measured. */
const POINTS = [-0.4, 0, 0.4] as const;

/**
 * Where pieces come to lie in a square basket, always the same for the same seed: each in the freest of some random places, as pieces
 * that are tipped in and shaken slide off one another; what finds none lies on top.
 * @param long mm @param wide mm @param side mm inside the basket
 */
export function settlePieces(count: number, long: number, wide: number, side: number, seed: number): LyingPiece[] {
  const random = createSeededRandom(seed);
  const lying: { x: number; y: number; points: [number, number][] }[] = [];
  const pieces: LyingPiece[] = [];
  const reach = Math.max(0, side / 2 - wide / 2);
  for (let i = 0; i < count; i++) {
    let best: { x: number; y: number; turn: number; points: [number, number][] } | null = null;
    let room = -Infinity;
    for (let n = 0; n < TRIES; n++) {
      /* long pieces lie along the walls where they are near them */
      const turn = random() * 180;
      const angle = (turn * Math.PI) / 180;
      const across = Math.max(0, side / 2 - Math.abs(Math.cos(angle)) * (long / 2) - wide / 2);
      const along = Math.max(0, side / 2 - Math.abs(Math.sin(angle)) * (long / 2) - wide / 2);
      const x = side / 2 + (random() * 2 - 1) * Math.min(reach, across);
      const y = side / 2 + (random() * 2 - 1) * Math.min(reach, along);
      const points = POINTS.map((share): [number, number] => [
        x + Math.cos(angle) * long * share,
        y + Math.sin(angle) * long * share,
      ]);
      const nearest = nearestOf(points, lying);
      if (nearest > room) [best, room] = [{ x, y, turn, points }, nearest];
    }
    lying.push(best!);
    pieces.push({ x: best!.x, y: best!.y, turn: best!.turn, twist: random() });
  }
  return pieces;
}

function nearestOf(points: readonly [number, number][], lying: readonly { points: [number, number][] }[]): number {
  let nearest = Infinity;
  for (const other of lying) {
    for (const [ax, ay] of points) {
      for (const [bx, by] of other.points) nearest = Math.min(nearest, (ax - bx) ** 2 + (ay - by) ** 2);
    }
  }
  return nearest;
}
