import type { PieceState } from './piece-state';

/**
 * Depth in m to which one face is glassy, from outside to the first place moister than `limit`, linear between cells.
 * @param face 0 or 1 @param limit moisture, dry basis, of the glass transition at eating temperature
 */
export function glassyDepth(state: PieceState, p: number, face: number, limit: number): number {
  const { cells, moisture, halfWidth } = state;
  let depth = 0;
  let previousMoisture = 0;
  let previousCentre = 0;
  const half = (cells + 1) / 2;
  for (let i = 0; i < half; i++) {
    const at = p * cells + (face === 0 ? i : cells - 1 - i);
    const wetness = moisture[at]!;
    const centre = depth + halfWidth[at]!;
    if (wetness >= limit) {
      if (i === 0) return 0;
      const share = (limit - previousMoisture) / (wetness - previousMoisture);
      return previousCentre + share * (centre - previousCentre);
    }
    previousMoisture = wetness;
    previousCentre = centre;
    depth += 2 * halfWidth[at]!;
  }
  return state.halfThickness[p]!;
}
