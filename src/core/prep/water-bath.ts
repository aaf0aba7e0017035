import { diffuseField } from '../piece/diffuse-field';
import type { PieceState } from '../piece/piece-state';
import { mixtureConductivity } from '../properties/choi-okos';
import { WATER_SPECIFIC_HEAT } from '../properties/water';
import { enterByArea, type InHand, takeSolids, tissueCell, tissueHalf } from './in-hand';
import { sugarDiffusivity } from './sugar-leaching';

/** Equal steps in which a bath is computed. Source: numerics. */
const STEPS = 40;

/** What a bath does with the pieces. */
export interface WaterBath {
  /** K */
  readonly temperature: number;
  /** s */
  readonly duration: number;
  /** W/(m² K) between water and skin */
  readonly heatTransfer: number;
  /** m/s of sugar between skin and water */
  readonly massTransfer: number;
}

/** Volumetric heat capacity of raw tissue, J/(m³ K). */
export function tissueCapacity({ tissue }: PieceState): number {
  return tissue.solidsDensity * (tissue.solidsHeat + WATER_SPECIFIC_HEAT * tissue.fullMoisture);
}

/** Temperature of piece p in a bath; sugar and water are apart. */
export function warmInBath({ state, part }: InHand, p: number, bath: WaterBath, steps = STEPS): void {
  const capacity = tissueCapacity(state);
  diffuseField(state, p, state.temperature, {
    diffusivity: mixtureConductivity(part.food.composition, MEAN_TEMPERATURE_C) / capacity,
    surfaceTransfer: bath.heatTransfer / capacity,
    outside: bath.temperature,
    duration: bath.duration,
    steps,
  });
}

/** Temperature at which conductivity is taken in a bath, °C. Source: chosen, between tap and boiling. */
const MEAN_TEMPERATURE_C = 55;

/** Sugar that leaves every piece in a bath; the solids lose it. */
export function leachSugar(hand: InHand, bath: WaterBath): void {
  const { state } = hand;
  const concentration = state.sugar.map((sugar, at) => sugar / state.volume[at]!);
  const taken = new Float64Array(state.count);
  for (let p = 0; p < state.count; p++) {
    taken[p] = diffuseField(state, p, concentration, {
      diffusivity: sugarDiffusivity(bath.temperature),
      surfaceTransfer: bath.massTransfer,
      outside: 0,
      duration: bath.duration,
      steps: STEPS,
    });
  }
  state.sugar.forEach((before, at) => {
    const after = concentration[at]! * state.volume[at]!;
    takeSolids(state, at, before - after);
    state.sugar[at] = after;
  });
  enterByArea(hand, 'sugar-washed-off', 'solids', taken, 1);
}

/** Water that raw tissue takes up from a bath until it is swollen. */
export function swell(hand: InHand, bath: WaterBath): void {
  const { state } = hand;
  const water = state.moisture.map((moisture, at) => (moisture * state.solids[at]!) / state.volume[at]!);
  const full = state.tissue.fullMoisture * (1 + SWELLING) * state.tissue.solidsDensity;
  const taken = new Float64Array(state.count);
  for (let p = 0; p < state.count; p++) {
    taken[p] = diffuseField(state, p, water, {
      diffusivity: SWELLING_DIFFUSIVITY,
      surfaceTransfer: bath.massTransfer,
      outside: full,
      duration: bath.duration,
      steps: STEPS,
    });
  }
  state.moisture.forEach((_, at) => (state.moisture[at] = (water[at]! * state.volume[at]!) / state.solids[at]!));
  enterByArea(hand, 'water-soaked-up', 'water', taken, 1);
}

/** Water a raw piece takes up to swell fully, share of its moisture. Source: turgor gain of potato strips in cold water, 2–4 % of mass; assumed. */
const SWELLING = 0.04;

/** Diffusivity of that uptake, m²/s. Source: assumed equal to that of water in raw tissue near 20 °C. */
const SWELLING_DIFFUSIVITY = 5e-10;

/** Share of the loose starch that one change of water, or a soak, washes off. Source: assumed; water runs clear after three. */
const STARCH_WASHED = 0.6;

/** Depth of cut cells whose starch lies loose, m. Source: assumed, half of a potato cell of 0.1 mm. */
const CUT_CELLS = 0.05e-3;

/** Washes loose starch off the cut surface, out of the cells that lie within the depth of cut ones. */
export function washStarch(hand: InHand, changes: number): void {
  const { state, part } = hand;
  const washed = hand.looseStarch * (1 - (1 - STARCH_WASHED) ** changes);
  const perVolume = part.food.starch * part.food.density;
  const lost = new Float64Array(2 * state.count);
  for (let f = 0; f < lost.length; f++) {
    let depth = 0;
    for (let i = 0; i < tissueHalf(state) && depth < CUT_CELLS; i++) {
      const at = tissueCell(state, f, i);
      const width = 2 * state.halfWidth[at]!;
      const mass = washed * perVolume * state.volume[at]! * Math.min(1, (CUT_CELLS - depth) / width);
      takeSolids(state, at, mass);
      lost[f] = lost[f]! - mass;
      depth += width;
    }
  }
  hand.looseStarch -= washed;
  enterByArea(hand, 'starch-washed-off', 'solids', lost, 2);
}

/** Skins take the temperature of what lies under them. */
export function settleSkins(state: PieceState): void {
  for (let p = 0; p < state.count; p++) {
    state.skinTemperature[2 * p] = state.temperature[p * state.cells]!;
    state.skinTemperature[2 * p + 1] = state.temperature[(p + 1) * state.cells - 1]!;
  }
}
