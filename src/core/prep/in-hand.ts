import type { CoatRecipe } from '../food/coat';
import type { PieceState } from '../piece/piece-state';
import type { BatchPart } from '../plan/plan';
import type { Flow, FlowName, Substance } from './ledger';

/** Pieces under preparation, and all that is kept of what was done to them. */
export interface InHand {
  state: PieceState;
  /** as it is now: its cut changes where pieces are cut or pressed on the way */
  part: BatchPart;
  /** m² of one face that each sample piece stands for */
  area: Float64Array;
  /** m² of cut surface of the whole batch */
  surface: number;
  /** number of the step under way */
  step: number;
  /** factor on browning from marinade and spice */
  skinBrowning: number;
  /** share of the pieces still whole */
  whole: number;
  /** share of the starch of cut cells that still lies loose on the surface, 0–1 */
  looseStarch: number;
  /** the last coat laid, or null */
  coat: CoatRecipe | null;
  /** kg of oil that never reached the food */
  oilMissed: number;
  readonly flows: Flow[];
  /** s that each cook before the last took, in order */
  readonly cooked: number[];
}

/** Enters kg that crossed the surface of the pieces. */
export function enter(hand: InHand, name: FlowName, substance: Substance, mass: number): void {
  if (mass !== 0) hand.flows.push({ step: hand.step, name, substance, mass });
}

/** Enters what each face or piece took up, kg/m² of face. @param perPiece values of a piece: two for its faces, or one */
export function enterByArea(
  hand: InHand,
  name: FlowName,
  substance: Substance,
  values: Float64Array,
  perPiece: 1 | 2,
): void {
  let mass = 0;
  for (let i = 0; i < values.length; i++) mass += values[i]! * hand.area[perPiece === 1 ? i : i >> 1]!;
  enter(hand, name, substance, mass);
}

/** Sets the water lying on every face and enters the difference. */
export function setFilm(hand: InHand, film: number, name: FlowName): void {
  const change = hand.state.film.map((before) => film - before);
  enterByArea(hand, name, 'water', change, 2);
  hand.state.film.fill(film);
}

/** Index of the cell that lies `depth` cells below face f, the coat left out. */
export function tissueCell(state: PieceState, f: number, depth: number): number {
  const base = (f >> 1) * state.cells;
  return (f & 1) === 0 ? base + state.coatCells + depth : base + state.cells - 1 - state.coatCells - depth;
}

/** Cells of half a piece without its coat, the middle one left out. */
export function tissueHalf(state: PieceState): number {
  return (state.cells - 1) / 2 - state.coatCells;
}

/** Takes solids out of a cell; its water stays. */
export function takeSolids(state: PieceState, at: number, mass: number): void {
  const before = state.solids[at]!;
  const after = before - mass;
  state.solids[at] = after;
  state.solidsCapacity[at] = (state.solidsCapacity[at]! * after) / before;
  state.moisture[at] = (state.moisture[at]! * before) / after;
}
