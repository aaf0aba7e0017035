import { type InHand, tissueCell, tissueHalf } from './in-hand';

/** Solids that mix with a skin instead of lying outside it. */
export interface Dusting {
  /** kg/kg */
  readonly sugar: number;
  /** kg/kg */
  readonly protein: number;
  /** kg of solids per m³ as they lie */
  readonly density: number;
  /** J/(kg K) */
  readonly heat: number;
}

/** Depth of skin that a powder or a thin coat mixes with, m. Source: assumed. */
const DUSTED_DEPTH = 0.2e-3;

/** Shares solids and water, kg/m², among the outer cells of the tissue under face f by their volume; the cells grow by them. */
export function mixIn({ state }: InHand, f: number, dusting: Dusting, solids: number, water: number): void {
  const dusted: number[] = [];
  let depth = 0;
  let volume = 0;
  for (let i = 0; i < tissueHalf(state) && depth < DUSTED_DEPTH; i++) {
    const at = tissueCell(state, f, i);
    dusted.push(at);
    depth += 2 * state.halfWidth[at]!;
    volume += state.volume[at]!;
  }
  const growth = solids / dusting.density;
  for (const at of dusted) {
    const share = state.volume[at]! / volume;
    const before = state.solids[at]!;
    const after = before + share * solids;
    state.moisture[at] = (state.moisture[at]! * before + share * water) / after;
    state.solids[at] = after;
    state.solidsCapacity[at] = state.solidsCapacity[at]! + share * solids * dusting.heat;
    state.sugar[at] = state.sugar[at]! + share * solids * dusting.sugar;
    state.protein[at] = state.protein[at]! + share * solids * dusting.protein;
    state.volume[at] = state.volume[at]! + share * growth;
    state.halfWidth[at] = state.halfWidth[at]! + (share * growth) / 2;
  }
}
