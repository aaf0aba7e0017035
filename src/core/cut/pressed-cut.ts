import type { Cut } from './cut';
import { pieceGeometry } from './piece-geometry';

/**
 * A piece pressed flat: a disc of the same volume with a torn rim. A piece already as thin stays as it is.
 * @param thickness m
 */
export function pressedCut(cut: Cut, thickness: number): Cut {
  const { volume, halfThickness } = pieceGeometry(cut);
  if (thickness >= 2 * halfThickness) return cut;
  return { shape: 'disc', thickness, diameter: Math.sqrt((4 * volume) / (Math.PI * thickness)) };
}
