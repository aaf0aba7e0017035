import type { PieceState } from '../piece/piece-state';
import { ripenInside, stepPieces } from '../piece/piece-step.kernel';
import type { ParcookMethod, PreparationStep } from '../plan/plan';
import { ATMOSPHERIC_PRESSURE, BOILING_LATENT_HEAT, WATER_SPECIFIC_HEAT } from '../properties/water';
import { enterByArea, type InHand, setFilm } from './in-hand';
import { FILM_AFTER } from './water-film';
import { leachSugar, settleSkins, warmInBath, washStarch, type WaterBath } from './water-bath';

/**
 * Surroundings of each method: W/(m² K) and K; the hot soak takes its own water. Source: boiling water 1000–2000, condensing steam
 * above; a pressure cooker at 1 bar over the air, 120.2 °C by the steam tables; conductance of the water boundary assumed.
 */
const MEDIUM: Record<
  Exclude<ParcookMethod, 'microwave' | 'hot-soak' | 'par-fry'>,
  { transfer: number; temperature: number }
> = {
  boil: { transfer: 1200, temperature: 373.1 },
  steam: { transfer: 2000, temperature: 373.1 },
  pressure: { transfer: 2000, temperature: 393.4 },
};

/** The same of a hot soak, W/(m² K). Source: gently stirred water, 300–800. */
const HOT_SOAK_TRANSFER = 500;

/** Power a microwave oven gives to the food, W. Source: assumed, 800 W oven at 65 %. */
const MICROWAVE_POWER = 520;

/** Least moisture a microwave leaves in a cell, kg/kg. Source: chosen; drier food would burn there. */
const DRIEST = 0.05;

/** Boiling in the oven, K. Source: boiling point at 1 atm. */
const BOILING = 373.1;

/** Length of a step, s. Source: numerics. */
const STEP = 10;

/** Sugar from surface into boiling water, m/s. Source: assumed, stirred by bubbles. */
const BOILING_MASS_TRANSFER = 3e-5;

type Parcook = Extract<PreparationStep, { step: 'parcook' }>;

/**
 * Par-cooks pieces: warmth, softening and gelatinised starch follow on the same grid; in water sugar leaves; in the microwave
 * every cell is heated alike and boils at 100 °C.
 */
export function parcookPieces(hand: InHand, step: Parcook): void {
  if (step.method === 'microwave') microwavePieces(hand, step.duration);
  else if (step.method === 'par-fry') parFryPieces(hand, step.duration);
  else {
    const { transfer, temperature } =
      step.method === 'hot-soak'
        ? { transfer: HOT_SOAK_TRANSFER, temperature: step.waterTemperature }
        : MEDIUM[step.method];
    const bath: WaterBath = {
      temperature,
      duration: step.duration,
      heatTransfer: transfer,
      massTransfer: BOILING_MASS_TRANSFER,
    };
    warmAndRipen(hand, bath);
    if (step.method === 'boil' || step.method === 'hot-soak') {
      washStarch(hand, 1);
      leachSugar(hand, bath);
    }
    setFilm(hand, FILM_AFTER.drain, 'water-clinging');
  }
  settleSkins(hand.state);
}

function warmAndRipen(hand: InHand, bath: WaterBath): void {
  const steps = Math.max(1, Math.round(bath.duration / STEP));
  const length = Float64Array.of(bath.duration / steps);
  for (let p = 0; p < hand.state.count; p++) {
    for (let n = 0; n < steps; n++) {
      warmInBath(hand, p, { ...bath, duration: length[0]! }, 1);
      ripenInside(hand.state, p, length);
    }
  }
}

/** The batch shares the oven's power by volume; water that boils leaves as steam. */
function microwavePieces(hand: InHand, duration: number): void {
  const { state, part } = hand;
  const steps = Math.max(1, Math.round(duration / STEP));
  const length = Float64Array.of(duration / steps);
  const density = (MICROWAVE_POWER / part.mass) * part.food.density;
  const steam = new Float64Array(state.count);
  for (let p = 0; p < state.count; p++) {
    for (let n = 0; n < steps; n++) {
      steam[p] = steam[p]! - microwave(state, p, density * length[0]!);
      ripenInside(state, p, length);
    }
  }
  enterByArea(hand, 'steam', 'water', steam, 1);
}

/** Heats every cell by `heat` J/m³ · its volume; what would pass 100 °C boils water off instead. Returns that, kg/m² of face. */
function microwave(state: PieceState, p: number, heat: number): number {
  const { cells, solids, solidsCapacity, temperature, moisture, volume } = state;
  let steam = 0;
  for (let at = p * cells; at < (p + 1) * cells; at++) {
    const capacity = solidsCapacity[at]! + WATER_SPECIFIC_HEAT * solids[at]! * moisture[at]!;
    const reached = temperature[at]! + (heat * volume[at]!) / capacity;
    const surplus = Math.max(0, reached - BOILING) * capacity;
    const spare = Math.max(0, (moisture[at]! - DRIEST) * solids[at]!);
    const boiled = Math.min(spare, surplus / BOILING_LATENT_HEAT);
    temperature[at] = Math.min(reached, BOILING);
    moisture[at] = moisture[at]! - boiled / solids[at]!;
    steam += boiled;
  }
  return steam;
}

/** Oil of a deep fryer, K, and its heat transfer, W/(m² K). Source: par-frying of strips at 170–180 °C; 250–600 while they boil. */
const FRYING_OIL = { temperature: 448.15, transfer: 350 } as const;

/** Oil that stays on par-fried pieces, kg/m². Source: assumed, half of what deep frying to the end leaves, see the oil budget. */
const PAR_FRIED_FILM = 0.07;

/** Vapour at a skin under oil, over the pressure of the kitchen. Source: assumed, nearly all steam; below one, as the film model divides by what is not steam. */
const STEAM_IN_OIL = 0.9;

/** Length of a step in hot oil, s. Source: numerics; the skin boils within seconds. */
const OIL_STEP = 2;

/** Fries pieces in oil for a short while: a thin crust, the heart half soft, oil on every face. What lies on them as water boils off. */
function parFryPieces(hand: InHand, duration: number): void {
  const { state } = hand;
  state.airTemperature.fill(FRYING_OIL.temperature);
  state.radiantTemperature.fill(FRYING_OIL.temperature);
  state.convection.fill(FRYING_OIL.transfer);
  state.radiation.fill(0);
  /* no air passes that could carry vapour off below boiling: oil lies on the skin, with steam in it */
  state.vapourPressure.fill(STEAM_IN_OIL * ATMOSPHERIC_PRESSURE);
  const steps = Math.max(1, Math.round(duration / OIL_STEP));
  const length = Float64Array.of(duration / steps);
  const lost = new Float64Array(state.count);
  for (let n = 0; n < steps; n++) {
    stepPieces(state, length);
    for (let p = 0; p < lost.length; p++) lost[p] = lost[p]! - state.evaporated[p]!;
  }
  enterByArea(hand, 'steam', 'water', lost, 1);
  const film = state.oil.map((oil) => Math.max(0, PAR_FRIED_FILM - oil));
  film.forEach((more, f) => (state.oil[f] = state.oil[f]! + more));
  enterByArea(hand, 'oil', 'oil', film, 2);
}
