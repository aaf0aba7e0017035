import { DREDGED_SOLIDS } from '../food/coat';
import type { Food } from '../food/food';
import type { Cut } from './cut';
import { pieceGeometry } from './piece-geometry';

/** Pieces and cut surface of a batch. */
export interface BatchYield {
  /** whole pieces, at least one */
  readonly count: number;
  /** kg, with the coat it is sold in */
  readonly pieceMass: number;
  /** m², cut surface of all pieces */
  readonly surface: number;
  /** m³ of the pieces without a coat */
  readonly volume: number;
  /** m² of floor, all pieces side by side without gaps */
  readonly floor: number;
}

/** How many pieces `mass` kg of a food gives in a cut, and the surface they show. */
export function batchYield(food: Food, cut: Cut, mass: number): BatchYield {
  const geometry = pieceGeometry(cut);
  const coat = food.coat ? DREDGED_SOLIDS * (1 + food.coat.moisture) * geometry.surface : 0;
  const pieceMass = geometry.volume * food.density + coat;
  const pieces = mass / pieceMass;
  const volume = pieces * geometry.volume;
  return {
    count: Math.max(1, Math.round(pieces)),
    pieceMass,
    surface: geometry.surface * pieces,
    volume,
    floor: geometry.projectedArea * pieces,
  };
}
