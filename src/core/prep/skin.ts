import type { PieceState } from '../piece/piece-state';
import { maillardFactor, oilFactor } from './browning-factor';
import { type InHand, tissueCell } from './in-hand';

/** Depth over which sugar takes part in browning, m. Source: assumed, the later crust. */
const BROWNING_DEPTH = 0.5e-3;

/** What the browning skin is like, mean of all faces. */
export interface Skin {
  /** share of the raw sugar left near the surface of the piece itself, 0–1 */
  readonly sugarLeft: number;
  /** reducing sugar and free asparagine of what browns, coat or tissue, kg/kg dry solids */
  readonly skinSugar: number;
  readonly skinAsparagine: number;
}

/** Sets the browning factor of every face from what browns there, its oil, marinade and spice. */
export function setBrowning(hand: InHand, browningScale: number): Skin {
  const { state, part } = hand;
  const solidsRaw = 1 - part.food.composition.water;
  const faces = 2 * state.count;
  let [left, sugar] = [0, 0];
  for (let f = 0; f < faces; f++) {
    const skin = browningSolids(state, f);
    const lean = skin.sugar / skin.solids;
    state.browningFactor[f] =
      browningScale * hand.skinBrowning * oilFactor(state.oil[f]!) * maillardFactor(lean, skin.protein / skin.solids);
    left += sugarShareLeft(hand, f) / faces;
    sugar += lean / faces;
  }
  const asparagine = part.food.asparagine / solidsRaw;
  return {
    sugarLeft: left,
    skinSugar: sugar,
    /* it leaves a soak as sugar does, and powder thins it as it thins sugar */
    skinAsparagine: hand.coat
      ? hand.coat.asparagine
      : (asparagine * sugar * solidsRaw) / Math.max(1e-9, part.reducingSugar),
  };
}

/** Solids, sugar and protein that brown under a face, kg/m²: the coat's, or those of the tissue to the browning depth. */
function browningSolids(state: PieceState, f: number): { solids: number; sugar: number; protein: number } {
  const sum = { solids: 0, sugar: 0, protein: 0 };
  const base = (f >> 1) * state.cells;
  const last = state.coat ? state.coatCells : (state.cells + 1) / 2;
  let depth = 0;
  for (let i = 0; i < last && depth < BROWNING_DEPTH; i++) {
    const at = (f & 1) === 0 ? base + i : base + state.cells - 1 - i;
    const width = 2 * state.halfWidth[at]!;
    const share = Math.min(1, (BROWNING_DEPTH - depth) / width);
    sum.solids += share * state.solids[at]!;
    sum.sugar += share * state.sugar[at]!;
    sum.protein += share * state.protein[at]!;
    depth += width;
  }
  return sum;
}

/** Share of the raw sugar left within the browning depth of the tissue under face f. */
function sugarShareLeft({ state, part }: InHand, f: number): number {
  const rawPerVolume = part.reducingSugar * part.food.density;
  if (rawPerVolume <= 0) return 1;
  return meanNearFace(state, f, (at) => state.sugar[at]! / state.volume[at]!) / rawPerVolume;
}

/** Mean of a quantity per cell over the browning depth of the tissue under face f. */
function meanNearFace(state: PieceState, f: number, value: (at: number) => number): number {
  let depth = 0;
  let sum = 0;
  for (let i = 0; depth < BROWNING_DEPTH && i < state.cells - 2 * state.coatCells; i++) {
    const at = tissueCell(state, f, i);
    const width = Math.min(2 * state.halfWidth[at]!, BROWNING_DEPTH - depth);
    sum += width * value(at);
    depth += width;
  }
  return sum / depth;
}

/** Mean over all faces of a field within the browning depth. */
export function meanNearFaces(state: PieceState, field: Float64Array): number {
  let sum = 0;
  for (let f = 0; f < 2 * state.count; f++) sum += meanNearFace(state, f, (at) => field[at]!);
  return sum / (2 * state.count);
}

/** Share of the softening needed at the heart, 0–1, mean of the pieces. */
export function softnessOf({ state, part }: InHand): number {
  const middle = (state.cells - 1) / 2;
  let sum = 0;
  for (let p = 0; p < state.count; p++) {
    sum += Math.min(1, state.softening[p * state.cells + middle]! / part.food.softeningDose);
  }
  return sum / state.count;
}
