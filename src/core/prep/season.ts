import type { PreparationStep } from '../plan/plan';
import { enter, type InHand, tissueCell, tissueHalf } from './in-hand';

/** Water that salt draws out of cut cells before the pieces go in, kg per kg of salt. Source: assumed; a third of saturated brine. */
const DRAWN_PER_SALT = 3;

/** Depth it comes from, m. Source: assumed. */
const DRAWN_DEPTH = 0.5e-3;

/** Most of that layer's water that is drawn. Source: assumed. */
const MOST_DRAWN = 0.2;

/** What a full load of ground spice adds to browning, and the load, kg/m², at which two thirds of it are there. Source: assumed. */
const SPICED_BROWNING = 0.2;
const SPICE_LOAD = 0.01;

/** Salt and spice: they lie on the skin, salt draws water into the film, spice browns. */
export function seasonPieces(hand: InHand, step: Extract<PreparationStep, { step: 'season' }>): void {
  const load = step.mass / hand.surface;
  hand.state.seasoning.forEach((before, f) => (hand.state.seasoning[f] = before + load));
  enter(hand, 'seasoning', 'solids', step.mass);
  drawWater(hand, DRAWN_PER_SALT * load * step.saltShare);
  hand.skinBrowning *= 1 + SPICED_BROWNING * (1 - Math.exp((-load * (1 - step.saltShare)) / SPICE_LOAD));
}

/** Draws water from the outer cells of the tissue onto every face, kg/m², as far as they give it; water is kept. */
export function drawWater({ state }: InHand, wanted: number): void {
  for (let f = 0; f < 2 * state.count; f++) {
    let depth = 0;
    let inside = 0;
    let reached = -1;
    for (let i = 0; i < tissueHalf(state) && depth < DRAWN_DEPTH; i++) {
      const at = tissueCell(state, f, i);
      depth += 2 * state.halfWidth[at]!;
      inside += state.solids[at]! * state.moisture[at]!;
      reached = i;
    }
    if (inside <= 0) continue;
    const drawn = Math.min(wanted, MOST_DRAWN * inside);
    for (let i = 0; i <= reached; i++) {
      const at = tissueCell(state, f, i);
      state.moisture[at] = state.moisture[at]! * (1 - drawn / inside);
    }
    state.film[f] = state.film[f]! + drawn;
  }
}
