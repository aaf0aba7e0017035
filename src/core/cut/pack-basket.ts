import { type RandomSource, shuffleInPlace } from '../numeric/seeded-random';
import type { Cut } from './cut';
import { pieceGeometry } from './piece-geometry';

/** A piece on the floor of the basket, from above: its middle from the basket's corner, m, and its turn, rad. */
export interface PackedPiece {
  readonly x: number;
  readonly y: number;
  readonly turn: number;
  readonly length: number;
  readonly width: number;
  readonly round: boolean;
}

/** What a piece covers, seen from above, m. */
export function footprint(cut: Cut): { length: number; width: number; round: boolean } {
  switch (cut.shape) {
    case 'stick':
      return { length: cut.length, width: cut.width, round: false };
    case 'cube':
      return { length: cut.thickness, width: cut.thickness, round: false };
    case 'slice':
    case 'disc':
      return { length: cut.diameter, width: cut.diameter, round: true };
    case 'floret':
      return { length: cut.diameter, width: cut.diameter, round: true };
    case 'cylinder':
    case 'formed':
      return { length: cut.length, width: cut.diameter, round: cut.length <= cut.diameter * 1.01 };
    case 'wedge':
      return { length: cut.length * 0.85, width: cut.width, round: false };
    case 'sheet': {
      const side = Math.sqrt(pieceGeometry(cut).projectedArea);
      return { length: side, width: side, round: false };
    }
  }
}

/**
 * One layer in a square basket of `side` m as hands and shaking leave it, without overlap: round pieces in staggered rows,
 * long ones in patches of parallel pieces that lie this way or that, what is left at the walls filled too. More than `count`
 * are not laid; which places stay free is chance. Returns fewer when the floor holds no more. Cost: O(places).
 */
export function packLayer(cut: Cut, side: number, count: number, random: RandomSource): PackedPiece[] {
  const piece = footprint(cut);
  const length = Math.min(piece.length, side);
  const fitted = { ...piece, length, width: Math.min(piece.width, length) };
  const places = fitted.round ? staggered(fitted, side) : patches(fitted, side, random);
  return choose(places, count, random);
}

type Footprint = ReturnType<typeof footprint>;

function staggered(piece: Footprint, side: number): PackedPiece[] {
  const diameter = piece.length;
  const rise = (diameter * Math.sqrt(3)) / 2;
  const rows = Math.max(1, Math.floor((side - diameter) / rise + 1e-9) + 1);
  const inRow = Math.max(1, Math.floor(side / diameter + 1e-9));
  const slack = side - inRow * diameter;
  return Array.from({ length: rows }, (_, row) => {
    const shift = row % 2 === 0 ? 0 : Math.min(diameter / 2, slack);
    const fits = row % 2 === 1 && slack < diameter / 2 ? inRow - 1 : inRow;
    const from = row % 2 === 1 && slack < diameter / 2 ? diameter / 2 : shift;
    return Array.from({ length: Math.max(1, fits) }, (__, i) => ({
      ...piece,
      turn: 0,
      x: from + (i + 0.5) * diameter,
      y: diameter / 2 + row * rise,
    }));
  }).flat();
}

function patches(piece: Footprint, side: number, random: RandomSource): PackedPiece[] {
  const { length, width } = piece;
  const across = Math.floor(side / length + 1e-9);
  const abreast = Math.floor(length / width + 1e-9);
  const pitch = length / abreast;
  const rest = side - across * length;
  const places: PackedPiece[] = [];
  const lay = (x: number, y: number, upright: boolean) =>
    places.push({ ...piece, x, y, turn: upright ? Math.PI / 2 : 0 });
  for (let i = 0; i < across; i++) {
    for (let j = 0; j < across; j++) {
      const upright = random() < 0.5;
      for (let k = 0; k < abreast; k++) {
        const [along, aside] = [length / 2, (k + 0.5) * pitch];
        lay(i * length + (upright ? aside : along), j * length + (upright ? along : aside), upright);
      }
    }
  }
  for (let k = 0; k < Math.floor(rest / width + 1e-9); k++) {
    for (let i = 0; i < across; i++) {
      lay(side - rest + (k + 0.5) * width, (i + 0.5) * length, true);
      lay((i + 0.5) * length, side - rest + (k + 0.5) * width, false);
    }
  }
  return places;
}

/** `count` of the places, by chance, in their order. */
function choose(places: PackedPiece[], count: number, random: RandomSource): PackedPiece[] {
  const order = Int32Array.from(places, (_, i) => i);
  shuffleInPlace(order, random);
  return [...order.slice(0, Math.max(0, count))].sort((a, b) => a - b).map((i) => places[i]!);
}

/** Corners of a piece, m; a round one by the middle alone. */
function corners({ x, y, turn, length, width }: PackedPiece): [number, number][] {
  const [c, s] = [Math.cos(turn), Math.sin(turn)];
  return [
    [1, 1],
    [1, -1],
    [-1, -1],
    [-1, 1],
  ].map(([a, b]) => {
    const [u, v] = [(a! * length) / 2, (b! * width) / 2];
    return [x + u * c - v * s, y + u * s + v * c];
  });
}

/** Whether two pieces overlap: circles by distance, rectangles by separating axes. Both of a layer have one shape. */
export function overlap(one: PackedPiece, other: PackedPiece): boolean {
  const distance = Math.hypot(one.x - other.x, one.y - other.y);
  if (one.round && other.round) return distance < (one.length + other.length) / 2;
  const reach = (Math.hypot(one.length, one.width) + Math.hypot(other.length, other.width)) / 2;
  if (distance >= reach) return false;
  const [a, b] = [corners(one), corners(other)];
  for (const turn of [one.turn, one.turn + Math.PI / 2, other.turn, other.turn + Math.PI / 2]) {
    const [c, s] = [Math.cos(turn), Math.sin(turn)];
    const along = (points: [number, number][]) => points.map(([x, y]) => x * c + y * s);
    const [first, second] = [along(a), along(b)];
    if (Math.max(...first) <= Math.min(...second) || Math.max(...second) <= Math.min(...first)) return false;
  }
  return true;
}
