import type { BatchPart } from '../plan/plan';
import type { TargetCrispness } from '../food/wish';
import { neededCrust } from './crispness-target';
import { glassyDepth } from './glassy-crust';
import { judgeFor, judgePiece } from './judge-piece';
import type { PieceState } from './piece-state';
import { visibleBrowning } from './piece-step.kernel';

/** Glassy depth of piece p, m, mean of both faces. */
export function meanGlassyDepth(state: PieceState, p: number): number {
  return (glassyDepth(state, p, 0) + glassyDepth(state, p, 1)) / 2;
}

/** What a piece without a crust counts where none is wished: clear of the limit, so that the wish is met. Source: numerics. */
const NO_CRUST = 1.2;

/**
 * Glassy depth over that needed for the wished bite. Where tender is wished and met, what is more counts against the crust that
 * crisp would need: from about 2 on it is a crisp crust, although nobody asked for it.
 */
export function crispnessOf(state: PieceState, p: number, part: BatchPart): number {
  const wish = part.target.crispness;
  if (wish === 'soft') return NO_CRUST;
  if (wish === 'chewy') return CHEWY_MOISTURE / Math.max(1e-6, meanMoisture(state, p));
  /* where one crisp face is enough, the better one is judged */
  const depth =
    part.target.faces === 'one'
      ? Math.max(glassyDepth(state, p, 0), glassyDepth(state, p, 1))
      : meanGlassyDepth(state, p);
  const needed = (other: TargetCrispness) => neededCrust(other, state.halfThickness[p]!, state.coatThickness);
  const wished = needed(wish);
  if (wish !== 'tender' || depth < wished) return depth / wished;
  return (wished > 0 ? 1 : NO_CRUST) + (depth - wished) / needed('crisp');
}

/** Mean moisture at which dried tissue is chewy, kg/kg. Source: assumed; dried fruit and jerky 0.2–0.5, fresh-looking fries above 1. */
const CHEWY_MOISTURE = 0.6;

/** Mean moisture of the tissue of piece p, kg/kg. */
function meanMoisture(state: PieceState, p: number): number {
  let [solids, water] = [0, 0];
  for (let i = p * state.cells + state.coatCells; i < (p + 1) * state.cells - state.coatCells; i++) {
    solids += state.solids[i]!;
    water += state.solids[i]! * state.moisture[i]!;
  }
  return water / solids;
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
  const judge = judgeFor(part.target);
  const faces = new Float64Array(state.count * 2);
  visibleBrowning(state, faces, 0);
  return Array.from({ length: state.count }, (_, p) => {
    const looks = {
      faceA: faces[2 * p]!,
      faceB: faces[2 * p + 1]!,
      crispness: crispnessOf(state, p, part),
      softness: heartOf(state, p, part),
    };
    return judgePiece(looks, judge) === 1;
  });
}
