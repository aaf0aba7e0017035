import { enter, type InHand } from './in-hand';
import { type Dusting, mixIn } from './mix-in';

/** Water in starch and flour as bought, share of their mass. Source: food tables, 12–13 %. */
const POWDER_WATER = 0.12;

/** Starch as it mixes with a skin. Source: protein of maize and potato starch, food tables; 700 kg/m³ of a paste with pores, assumed; heat Choi & Okos (1986), carbohydrate at 60 °C. */
const POWDER: Dusting = { sugar: 0, protein: 0.004, density: 700, heat: 1650 };

/** Water that powder drinks from a damp face, kg/kg, and share of it through a film of oil. Source: assumed. */
const THIRST = 1;
const OILED_THIRST = 0.4;

/**
 * Dry powder (starch, flour) that sits on the damp surface: its solids join those of the outer cells, which grow by it, and drink
 * from the film. @param mass kg as bought, on the whole batch
 */
export function dustPieces(hand: InHand, mass: number): void {
  const { state } = hand;
  const powder = mass / hand.surface;
  const thirst = state.oil.some((oil) => oil > 0) ? OILED_THIRST : THIRST;
  for (let f = 0; f < 2 * state.count; f++) {
    const drunk = Math.min(state.film[f]!, thirst * powder);
    state.film[f] = state.film[f]! - drunk;
    mixIn(hand, f, POWDER, powder * (1 - POWDER_WATER), powder * POWDER_WATER + drunk);
  }
  enter(hand, 'powder', 'solids', mass * (1 - POWDER_WATER));
  enter(hand, 'powder', 'water', mass * POWDER_WATER);
}
