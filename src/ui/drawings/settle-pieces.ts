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
  const pieces: LyingPiece[] = [];
  const reach = Math.max(0, side / 2 - wide / 2);
  /* points of all that lie, and behind them those of the piece that is tried; mm */
  const xs = new Float64Array(count * POINTS.length);
  const ys = new Float64Array(count * POINTS.length);
  for (let i = 0; i < count; i++) {
    const lain = i * POINTS.length;
    let best = { x: 0, y: 0, turn: 0 };
    let room = -Infinity;
    const put = (x: number, y: number, turn: number) => {
      const angle = (turn * Math.PI) / 180;
      POINTS.forEach((share, n) => {
        xs[lain + n] = x + Math.cos(angle) * long * share;
        ys[lain + n] = y + Math.sin(angle) * long * share;
      });
    };
    for (let n = 0; n < TRIES; n++) {
      /* long pieces lie along the walls where they are near them */
      const turn = random() * 180;
      const angle = (turn * Math.PI) / 180;
      const across = Math.max(0, side / 2 - Math.abs(Math.cos(angle)) * (long / 2) - wide / 2);
      const along = Math.max(0, side / 2 - Math.abs(Math.sin(angle)) * (long / 2) - wide / 2);
      const x = side / 2 + (random() * 2 - 1) * Math.min(reach, across);
      const y = side / 2 + (random() * 2 - 1) * Math.min(reach, along);
      put(x, y, turn);
      const nearest = nearestOf(xs, ys, lain, room);
      if (nearest > room) [best, room] = [{ x, y, turn }, nearest];
    }
    put(best.x, best.y, best.turn);
    pieces.push({ ...best, twist: random() });
  }
  return pieces;
}

/** mm², squared distance of the piece behind the first `lain` points to what lies nearest; not followed below `enough`. */
function nearestOf(xs: Float64Array, ys: Float64Array, lain: number, enough: number): number {
  let nearest = Infinity;
  for (let other = 0; other < lain && nearest > enough; other++) {
    for (let own = lain; own < lain + POINTS.length; own++) {
      const dx = xs[own]! - xs[other]!;
      const dy = ys[own]! - ys[other]!;
      const apart = dx * dx + dy * dy;
      if (apart < nearest) nearest = apart;
    }
  }
  return nearest;
}
