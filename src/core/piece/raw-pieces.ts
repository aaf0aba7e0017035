import type { PieceGeometry } from '../cut/piece-geometry';
import type { BatchPart } from '../plan/plan';
import { createPieceState, type PieceState } from './piece-state';
import { tissueOf } from './tissue';

/** Pieces of a part as they come from the board. @param geometries one per piece @param cells odd */
export function rawPieces(part: BatchPart, geometries: readonly PieceGeometry[], cells: number): PieceState {
  const { food } = part;
  const solids = 1 - food.composition.water;
  return createPieceState(geometries, cells, tissueOf(food), part.startTemperature, {
    sugar: part.reducingSugar / solids,
    protein: food.composition.protein / solids,
  });
}
