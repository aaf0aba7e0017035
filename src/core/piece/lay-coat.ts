import type { CoatRecipe } from '../food/coat';
import { AMBIENT_TEMPERATURE } from '../properties/kitchen-air';
import { coatMaterial } from './coat-material';
import { emptyState, type PieceState } from './piece-state';

/** Cells of a coat on each side and their shares of its thickness, outermost first. Source: chosen, thinnest where it dries first. */
const COAT_CELL_SHARES = [0.24, 0.34, 0.42] as const;

const PER_CELL = [
  'solids',
  'solidsCapacity',
  'sugar',
  'protein',
  'temperature',
  'moisture',
  'gelatinised',
  'softening',
  'volume',
  'halfWidth',
] as const;
const PER_FACE = ['film', 'oil', 'seasoning', 'skinTemperature', 'browning', 'edgeBrowning', 'browningFactor'] as const;

/** Pieces with a coat, and the water of their film that neither skin nor coat could hold, kg/m² of each face. */
export interface CoatedPieces {
  readonly state: PieceState;
  readonly ranOff: Float64Array;
}

/**
 * Lays a coat of `solids` kg/m² outside every face: cells of its own material between skin and air; its cross-section is taken
 * as that of the face. What lay there as a film soaks into it. A second coat thickens the first and takes on its material.
 */
export function layCoat(bare: PieceState, recipe: CoatRecipe, solids: number): CoatedPieces {
  const state = bare.coat ? bare : withCoatCells(bare, recipe);
  const grown = { ...state, coatThickness: state.coatThickness + solids / recipe.solidsDensity };
  const ranOff = new Float64Array(2 * state.count);
  for (let f = 0; f < ranOff.length; f++) {
    COAT_CELL_SHARES.forEach((share, i) => addCoat(grown, coatCell(grown, f, i), recipe, solids * share));
    ranOff[f] = soakIn(grown, f);
    grown.film[f] = 0;
  }
  return { state: grown, ranOff };
}

/** The same pieces with empty cells for a coat around them. */
function withCoatCells(bare: PieceState, recipe: CoatRecipe): PieceState {
  const coatCells = COAT_CELL_SHARES.length;
  const cells = bare.cells + 2 * coatCells;
  const state = emptyState(bare.count, cells, {
    tissue: bare.tissue,
    coat: coatMaterial(recipe),
    coatCells,
    coatThickness: 0,
  });
  for (const name of PER_FACE) state[name].set(bare[name]);
  state.hottestCentre.set(bare.hottestCentre);
  state.halfThickness.set(bare.halfThickness);
  state.edgeShare.set(bare.edgeShare);
  state.interfaceArea.fill(1);
  state.holdsIce = bare.holdsIce;
  for (let p = 0; p < bare.count; p++) {
    const [from, to] = [p * bare.cells, p * cells + coatCells];
    for (const name of PER_CELL) state[name].set(bare[name].subarray(from, from + bare.cells), to);
    state.interfaceArea.set(bare.interfaceArea.subarray(from, from + bare.cells - 1), to);
  }
  return state;
}

/** Index of the coat's cell `i`, counted from outside, under face f. */
function coatCell(state: PieceState, f: number, i: number): number {
  const base = (f >> 1) * state.cells;
  return (f & 1) === 0 ? base + i : base + state.cells - 1 - i;
}

/** Adds coat as it comes from the bowl to one cell; what was there before mixes with it. */
function addCoat(state: PieceState, at: number, recipe: CoatRecipe, solids: number): void {
  const before = state.solids[at]!;
  const total = before + solids;
  const share = solids / total;
  state.temperature[at] = state.temperature[at]! * (1 - share) + AMBIENT_TEMPERATURE * share;
  state.moisture[at] = state.moisture[at]! * (1 - share) + recipe.moisture * share;
  state.solids[at] = total;
  state.solidsCapacity[at] = total * state.coat!.solidsHeat;
  state.sugar[at] = state.sugar[at]! + solids * recipe.sugar;
  state.protein[at] = state.protein[at]! + solids * recipe.protein;
  const thickness = solids / recipe.solidsDensity;
  state.volume[at] = state.volume[at]! + thickness;
  state.halfWidth[at] = state.halfWidth[at]! + thickness / 2;
}

/** Shares the film of a face among the coat's cells as far as they can hold it; returns what they cannot, kg/m². */
function soakIn(state: PieceState, f: number): number {
  let left = state.film[f]!;
  for (let i = state.coatCells - 1; i >= 0 && left > 0; i--) {
    const at = coatCell(state, f, i);
    const room = Math.max(0, (state.coat!.fullMoisture - state.moisture[at]!) * state.solids[at]!);
    const taken = Math.min(room, left);
    state.moisture[at] = state.moisture[at]! + taken / state.solids[at]!;
    left -= taken;
  }
  return left;
}
