import type { PieceState } from '../piece/piece-state';

/** Water that salt draws out of cut cells before the pieces go in, kg per kg of salt. Source: assumed; a third of saturated brine. */
const DRAWN_PER_SALT = 3;

/** Depth it comes from, m. Source: assumed. */
const DRAWN_DEPTH = 0.5e-3;

/** Most of that layer's water that is drawn. Source: assumed. */
const MOST_DRAWN = 0.2;

/** What a full load of ground spice adds to browning. Source: assumed. */
export const SPICED_BROWNING = 0.2;

/** Salt on the cut surface draws water from the outer cells into the film; water is kept. @param salt kg/m² */
export function drawBySalt(state: PieceState, salt: number): void {
  const { count, cells, tissue } = state;
  for (let f = 0; f < 2 * count; f++) {
    const p = f >> 1;
    const at = (i: number) => p * cells + ((f & 1) === 0 ? i : cells - 1 - i);
    let depth = 0;
    let inside = 0;
    let reached = 0;
    for (let i = 0; i < (cells - 1) / 2 && depth < DRAWN_DEPTH; i++) {
      depth += 2 * state.halfWidth[at(i)]!;
      inside += tissue.solidsDensity * state.volume[at(i)]! * state.moisture[at(i)]!;
      reached = i;
    }
    const drawn = Math.min(DRAWN_PER_SALT * salt, MOST_DRAWN * inside);
    if (inside <= 0) continue;
    for (let i = 0; i <= reached; i++) state.moisture[at(i)] = state.moisture[at(i)]! * (1 - drawn / inside);
    state.film[f] = state.film[f]! + drawn;
  }
}
