import { solveTridiagonal } from '../numeric/tridiagonal';
import type { PieceState } from './piece-state';

/** A stirred surrounding and how long pieces lie in it. */
export interface Bath {
  /** m²/s inside the piece */
  readonly diffusivity: number;
  /** H, m/s between skin and bath */
  readonly surfaceTransfer: number;
  /** φ∞ */
  readonly outside: number;
  /** s */
  readonly duration: number;
  /** equal steps */
  readonly steps: number;
}

/**
 * Diffuses any quantity per volume through the tissue of piece p with both skins in a bath, implicit in time:
 * ∂φ/∂t = ∇·(D∇φ), −D ∂φ/∂n = H (φ − φ∞). Serves heat, sugar and water. Returns what was taken up, φ · m per m² of face.
 * @param field per cell of the state, changed in place
 * Error: first order in the step; 40 steps hold a half-time to 1 %.
 */
export function diffuseField(state: PieceState, p: number, field: Float64Array, bath: Bath): number {
  const { scratch, volume, halfWidth, interfaceArea } = state;
  const { lower, diagonal, upper, solution } = scratch;
  const { diffusivity, outside } = bath;
  const base = p * state.cells + state.coatCells;
  const cells = state.cells - 2 * state.coatCells;
  const last = cells - 1;
  const step = bath.duration / bath.steps;
  const throughSkin = (at: number) => step / (1 / bath.surfaceTransfer + halfWidth[at]! / diffusivity);
  const leftSkin = throughSkin(base);
  const rightSkin = throughSkin(base + last);
  let taken = 0;
  for (let n = 0; n < bath.steps; n++) {
    for (let i = 0; i < cells; i++) {
      const at = base + i;
      const left =
        i > 0 ? (step * diffusivity * interfaceArea[at - 1]!) / (halfWidth[at - 1]! + halfWidth[at]!) : leftSkin;
      const right =
        i < last ? (step * diffusivity * interfaceArea[at]!) / (halfWidth[at]! + halfWidth[at + 1]!) : rightSkin;
      lower[i] = -left;
      upper[i] = -right;
      diagonal[i] = volume[at]! + left + right;
      solution[i] = volume[at]! * field[at]! + (i === 0 ? left * outside : 0) + (i === last ? right * outside : 0);
    }
    solveTridiagonal(lower, diagonal, upper, solution, cells);
    for (let i = 0; i < cells; i++) field[base + i] = solution[i]!;
    taken += leftSkin * (outside - solution[0]!) + rightSkin * (outside - solution[last]!);
  }
  return taken;
}
