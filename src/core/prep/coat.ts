import type { PieceState } from '../piece/piece-state';

/** A coat by its solids, kg/m² of surface, its moisture, dry basis, and how it browns beside bare potato. */
export interface Coat {
  readonly solids: number;
  readonly moisture: number;
  readonly browning: number;
}

/** Flour, egg and crumb in one go; a second go adds two thirds. Source: assumed, 230 g/m² of coat at a quarter water. */
export const DREDGED: Coat = { solids: 0.17, moisture: 0.35, browning: 1.2 };

/** Batter of equal flour and water: moisture of the coat, and how it browns. Source: assumed. */
export const BATTER_MOISTURE = 1.2;
export const BATTER_BROWNING = 1.1;

/**
 * Turns the outer cells of every piece into a coat: from outside inwards, as many cells as its solids fill, the last in
 * part. The grid keeps its thickness, which counts the coat into the piece as cut.
 */
export function layCoat(state: PieceState, coat: Coat): void {
  const { count, cells, tissue } = state;
  for (let p = 0; p < count; p++) {
    for (let side = 0; side < 2; side++) {
      let left = coat.solids;
      for (let i = 0; i < (cells - 1) / 2 && left > 0; i++) {
        const at = p * cells + (side === 0 ? i : cells - 1 - i);
        const held = tissue.solidsDensity * state.volume[at]!;
        const share = Math.min(1, left / held);
        state.moisture[at] = state.moisture[at]! * (1 - share) + coat.moisture * share;
        left -= held;
      }
    }
  }
}

/** Water that powder drinks through a film of oil, share of what it drinks from a damp skin. Source: assumed. */
const OILED_THIRST = 0.4;

/**
 * Dry powder (starch, flour) that sits on the damp surface and drinks from film and skin: the water of film and outer
 * cells down to 0.2 mm is shared with the powder's solids. Over an oiled skin it drinks the less.
 * @param powder kg/m²
 */
export function dustPowder(state: PieceState, powder: number, oiled: boolean): void {
  const thirst = oiled ? OILED_THIRST : 1;
  const { count, cells, tissue } = state;
  for (let p = 0; p < count; p++) {
    for (let side = 0; side < 2; side++) {
      const drunk = Math.min(state.film[2 * p + side]!, thirst * powder);
      state.film[2 * p + side] = state.film[2 * p + side]! - drunk;
      let depth = 0;
      let solids = 0;
      let last = 0;
      for (let i = 0; i < (cells - 1) / 2 && depth < 0.2e-3; i++) {
        const at = p * cells + (side === 0 ? i : cells - 1 - i);
        depth += 2 * state.halfWidth[at]!;
        solids += tissue.solidsDensity * state.volume[at]!;
        last = i;
      }
      const kept = solids / (solids + powder);
      for (let i = 0; i <= last; i++) {
        const at = p * cells + (side === 0 ? i : cells - 1 - i);
        state.moisture[at] = state.moisture[at]! * kept + drunk / (solids + powder);
      }
    }
  }
}
