import { glassyMoistureLimit } from '../properties/glass-transition';
import type { Material } from './material';
import type { PieceState } from './piece-state';

/** Temperature at which pieces are judged in the mouth, K. Source: assumed, 45 °C a minute or two after the drawer. */
export const EATING_TEMPERATURE = 318.15;

/** Moisture, dry basis, below which a material is glass, and so crisp, when it is eaten. */
export function crispMoistureLimit(material: Material): number {
  return glassyMoistureLimit(material.dryGlassTransition, EATING_TEMPERATURE);
}

/**
 * Depth in m to which one face is glassy, from outside to the first place too moist, linear between cells of one material; through
 * the coat, where there is one, and on into the piece.
 * @param face 0 or 1
 */
export function glassyDepth(state: PieceState, p: number, face: number): number {
  const { cells, coatCells, moisture, halfWidth } = state;
  const inTissue = crispMoistureLimit(state.tissue);
  const inCoat = state.coat ? crispMoistureLimit(state.coat) : inTissue;
  let depth = 0;
  let previousRatio = 0;
  let previousCentre = 0;
  const half = (cells + 1) / 2;
  for (let i = 0; i < half; i++) {
    const at = p * cells + (face === 0 ? i : cells - 1 - i);
    const ratio = moisture[at]! / (i < coatCells ? inCoat : inTissue);
    const centre = depth + halfWidth[at]!;
    if (!(ratio < 1)) {
      if (i === 0) return 0;
      const share = (1 - previousRatio) / (ratio - previousRatio);
      return previousCentre + share * (centre - previousCentre);
    }
    previousRatio = ratio;
    previousCentre = centre;
    depth += 2 * halfWidth[at]!;
  }
  return state.halfThickness[p]! + state.coatThickness;
}
