import { type Binder, binderComposition } from '../food/binder';
import { type InHand, enter } from './in-hand';
import { stockOf } from './ledger';

/** Specific heat of dry binder, J/(kg K). Source: starch and protein, 1500–2000; assumed between. */
const BINDER_HEAT = 1800;

/** Works kg of binder evenly through the tissue: every cell takes its share by solids and grows by what it takes. */
export function bindPieces(hand: InHand, binder: Binder, mass: number): void {
  const { state, area } = hand;
  const { water, sugar, protein } = binderComposition(binder);
  const stock = stockOf(state, area);
  const tissue = tissueSolids(hand);
  if (mass <= 0 || tissue <= 0) return;
  const solids = mass * (1 - water);
  const wet = mass * water;
  const growth = 1 + mass / (stock.solids + stock.water);
  for (let p = 0; p < state.count; p++) {
    for (let depth = state.coatCells; depth < state.cells - state.coatCells; depth++) {
      const at = p * state.cells + depth;
      const before = state.solids[at]!;
      const share = before / tissue;
      const after = before + share * solids;
      state.moisture[at] = (state.moisture[at]! * before + share * wet) / after;
      state.solids[at] = after;
      state.solidsCapacity[at] = state.solidsCapacity[at]! + share * solids * BINDER_HEAT;
      state.sugar[at] = state.sugar[at]! + share * mass * sugar;
      state.protein[at] = state.protein[at]! + share * mass * protein;
      state.volume[at] = state.volume[at]! * growth;
      state.halfWidth[at] = state.halfWidth[at]! * growth;
    }
  }
  enter(hand, 'binder', 'solids', solids);
  enter(hand, 'binder', 'water', wet);
}

/** kg of solids in the tissue of the batch, coats left out. */
function tissueSolids({ state, area }: InHand): number {
  let solids = 0;
  for (let p = 0; p < state.count; p++) {
    for (let depth = state.coatCells; depth < state.cells - state.coatCells; depth++) {
      solids += state.solids[p * state.cells + depth]! * area[p]!;
    }
  }
  return solids;
}
