import type { Food } from '../food/food';
import type { Cut } from './cut';
import { pieceGeometry } from './piece-geometry';

/** Pieces and cut surface of a batch. */
export interface BatchYield {
  /** whole pieces, at least one */
  readonly count: number;
  /** kg */
  readonly pieceMass: number;
  /** m², cut surface of all pieces */
  readonly surface: number;
  /** m³ */
  readonly volume: number;
  /** m² of floor, all pieces side by side without gaps */
  readonly floor: number;
}

/** How many pieces `mass` kg of a food gives in a cut, and the surface they show. */
export function batchYield(food: Food, cut: Cut, mass: number): BatchYield {
  const geometry = pieceGeometry(cut);
  const pieceMass = geometry.volume * food.density;
  const volume = mass / food.density;
  const pieces = volume / geometry.volume;
  return {
    count: Math.max(1, Math.round(pieces)),
    pieceMass,
    surface: geometry.surface * pieces,
    volume,
    floor: geometry.projectedArea * pieces,
  };
}
