import type { BatchPart } from '../plan/plan';
import { neededCrust } from './crispness-target';
import { glassyDepth } from './glassy-crust';
import { judgePiece } from './judge-piece';
import type { PieceState } from './piece-state';
import { visibleBrowning } from './piece-step.kernel';

/** Glassy depth of piece p, m, mean of both faces. */
export function meanGlassyDepth(state: PieceState, p: number): number {
  return (glassyDepth(state, p, 0) + glassyDepth(state, p, 1)) / 2;
}

/** Depth that is added to what is there and what is needed, m, so that a wish for no crust is met by any skin. Source: numerics. */
const ANY_SKIN = 5e-6;

/** Glassy depth over that needed for the wished bite. */
export function crispnessOf(state: PieceState, p: number, part: BatchPart): number {
  const needed = neededCrust(part.target.crispness, state.halfThickness[p]!, state.coatThickness);
  return (meanGlassyDepth(state, p) + ANY_SKIN) / (needed + ANY_SKIN);
}

/** How far the heart of piece p is, 0–1: share of the softening needed; 0 where meat or fish has not reached its safe temperature. */
export function heartOf(state: PieceState, p: number, part: BatchPart): number {
  const middle = p * state.cells + (state.cells - 1) / 2;
  const soft = Math.min(1, state.softening[middle]! / part.food.softeningDose);
  const safe = part.food.safeCentreTemperature;
  return safe === null || state.hottestCentre[p]! >= safe ? soft : 0;
}

/** Which pieces are right as they are now. */
export function rightPieces(state: PieceState, part: BatchPart): boolean[] {
  const faces = new Float64Array(state.count * 2);
  visibleBrowning(state, faces, 0);
  return Array.from({ length: state.count }, (_, p) => {
    const looks = {
      faceA: faces[2 * p]!,
      faceB: faces[2 * p + 1]!,
      crispness: crispnessOf(state, p, part),
      softness: heartOf(state, p, part),
    };
    return judgePiece(looks, part.target.colour) === 1;
  });
}
