import type { BatchPart } from '../plan/plan';
import { glassyMoistureLimit } from '../properties/glass-transition';
import { neededCrust } from './crispness-target';
import { glassyDepth } from './glassy-crust';
import { judgePiece } from './judge-piece';
import type { PieceState } from './piece-state';
import { visibleBrowning } from './piece-step.kernel';

/** Temperature at which pieces are judged in the mouth, K. Source: assumed, 45 °C a minute or two after the drawer. */
export const EATING_TEMPERATURE = 318.15;

/** Glassy depth of piece p, m, mean of both faces. */
export function meanGlassyDepth(state: PieceState, p: number, part: BatchPart): number {
  const limit = glassyMoistureLimit(part.food.dryGlassTransition, EATING_TEMPERATURE);
  return (glassyDepth(state, p, 0, limit) + glassyDepth(state, p, 1, limit)) / 2;
}

/** Glassy depth over that needed for the wished bite. */
export function crispnessOf(state: PieceState, p: number, part: BatchPart): number {
  return meanGlassyDepth(state, p, part) / neededCrust(part.target.crispness, state.halfThickness[p]!);
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
  return Array.from(
    { length: state.count },
    (_, p) =>
      judgePiece(
        faces[2 * p]!,
        faces[2 * p + 1]!,
        crispnessOf(state, p, part),
        heartOf(state, p, part),
        part.target.colour,
      ) === 1,
  );
}
