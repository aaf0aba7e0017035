import type { TargetCrispness } from '../food/wish';
import { neededCrust, stickness } from './crispness-target';
import { crispMoistureLimit } from './glassy-crust';
import type { PieceState } from './piece-state';

/** Moisture at which half of the snap is gone, over that of the glass transition. Source: crispness of starchy foods goes at 9–12 % moisture, while they are still glass, Roudaut et al. (1998). */
const HALF_SNAP = 0.5;

/** Width of that change over its middle. Source: Fermi's equation as fitted to crisp foods, Peleg (1994): a quarter to a fifth. */
const SNAP_WIDTH = 0.25;

/** Snap of a layer, 0–1, at its moisture over that of the glass transition. Fermi's equation, Peleg (1994). */
function snap(ratio: number): number {
  return 1 / (1 + Math.exp((ratio / HALF_SNAP - 1) / SNAP_WIDTH));
}

/** Mean snap of the crust asked for that reads as fully crisp. Source: assumed; the inner part of a crust may be leathery when it comes out. */
const FULL_BITE = 0.57;

/** Share of the crust asked for, from outside, that teeth meet first and the bite is judged by. Source: assumed. */
const OUTER_CRUST = 0.6;

/** Least depth in which bite is looked for, m; where no crust is wished for, what there is counts. Source: assumed. */
const LEAST_ZONE = 0.25e-3;

/** Mean moisture of the heart below which it eats dry, and is a rod when there is none, kg/kg. Source: assumed; fluffy is above 1.5, leathery below 0.5. */
const TENDER_MOISTURE = 0.8;

/**
 * How good the bite of piece p is, 0–1: the mean snap of the crust that the wish asks for, from the surface inwards, of both
 * faces; and less as the heart of a stick dries out: that is a rod in the end, not a crust around a tender heart. Chips are meant
 * to be dry throughout.
 */
export function biteOf(state: PieceState, p: number, crispness: TargetCrispness): number {
  const half = state.halfThickness[p]!;
  const zone = Math.max(LEAST_ZONE, OUTER_CRUST * neededCrust(crispness, half, state.coatThickness));
  const crisp = Math.min(1, (meanSnap(state, p, 0, zone) + meanSnap(state, p, 1, zone)) / 2 / FULL_BITE);
  const dry = 1 - Math.min(1, heartMoisture(state, p, zone) / TENDER_MOISTURE);
  return crisp * (1 - stickness(half) * dry);
}

/** Mean moisture of the cells that lie deeper than `depth` m under both faces, kg/kg. */
function heartMoisture(state: PieceState, p: number, depth: number): number {
  const { cells, halfWidth } = state;
  const middle = (cells - 1) / 2;
  let reached = 0;
  let [solids, water] = [0, 0];
  for (let i = 0; i <= middle; i++) {
    reached += 2 * halfWidth[p * cells + i]!;
    if (reached <= depth && i < middle) continue;
    for (const at of i === middle ? [p * cells + i] : [p * cells + i, p * cells + cells - 1 - i]) {
      solids += state.solids[at]!;
      water += state.solids[at]! * state.moisture[at]!;
    }
  }
  return water / solids;
}

/** Mean snap from the surface of a face to `depth` m. */
function meanSnap(state: PieceState, p: number, face: number, depth: number): number {
  const { cells, coatCells } = state;
  const inTissue = crispMoistureLimit(state.tissue);
  const inCoat = state.coat ? crispMoistureLimit(state.coat) : inTissue;
  let reached = 0;
  let sum = 0;
  for (let i = 0; i < (cells + 1) / 2 && reached < depth; i++) {
    const at = p * cells + (face === 0 ? i : cells - 1 - i);
    const width = Math.min(2 * state.halfWidth[at]!, depth - reached);
    sum += width * snap(state.moisture[at]! / (i < coatCells ? inCoat : inTissue));
    reached += width;
  }
  return sum / reached;
}
