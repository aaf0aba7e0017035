import { diffuseField } from '../piece/diffuse-field';
import { SUGAR_DIFFUSIVITY } from '../piece/kinetics';
import type { PieceState } from '../piece/piece-state';
import { ripenInside } from '../piece/piece-step.kernel';
import type { Food } from '../food/food';
import { readTable } from '../numeric/uniform-table';
import type { ParcookMethod } from '../plan/plan';
import { mixtureConductivity } from '../properties/choi-okos';
import { BOILING_LATENT_HEAT, WATER_SPECIFIC_HEAT } from '../properties/water';

/** Surroundings of each method: W/(m² K) and K; the hot soak takes its own water. Source: boiling water 1000–2000, condensing steam above; pressure cooker at 1 bar 120 °C; conductance of water boundary assumed. */
const MEDIUM: Record<Exclude<ParcookMethod, 'microwave' | 'hot-soak'>, { transfer: number; temperature: number }> = {
  boil: { transfer: 1200, temperature: 373 },
  steam: { transfer: 2000, temperature: 373 },
  pressure: { transfer: 2000, temperature: 391 },
};

/** Power a microwave oven gives to the food, W. Source: assumed, 800 W oven at 65 %. */
const MICROWAVE_POWER = 520;

/** Length of a step, s. */
const STEP = 10;

/** Sugar from surface into boiling water, m/s. Source: assumed, stirred by bubbles. */
const BOILING_MASS_TRANSFER = 3e-5;

/**
 * Par-cooks piece p: warmth, softening and gelatinised starch follow on the same grid; in water sugar leaves; in the
 * microwave every cell is heated alike and boils once at 100 °C.
 * @param sugar share of the raw sugar left, per cell, changed in place @param batchMass kg that shares the microwave
 */
export function parcookPiece(
  state: PieceState,
  p: number,
  food: Food,
  sugar: Float64Array,
  step: { readonly method: ParcookMethod; readonly duration: number; readonly waterTemperature: number },
  batchMass: number,
): void {
  const steps = Math.max(1, Math.round(step.duration / STEP));
  const duration = step.duration / steps;
  state.scratch.duration[0] = duration;
  if (step.method === 'microwave') {
    for (let n = 0; n < steps; n++) {
      microwave(state, p, (MICROWAVE_POWER / batchMass) * food.density, duration);
      ripenInside(state, p);
    }
    return;
  }
  const { transfer, temperature } =
    step.method === 'hot-soak' ? { transfer: 500, temperature: step.waterTemperature } : MEDIUM[step.method];
  const heatCapacity =
    state.tissue.solidsDensity * (state.tissue.solidsHeat + WATER_SPECIFIC_HEAT * state.tissue.rawMoisture);
  const diffusivity = mixtureConductivity(food.composition, 70) / heatCapacity;
  for (let n = 0; n < steps; n++) {
    diffuseField(state, p, state.temperature, diffusivity, transfer / heatCapacity, temperature, duration, 1);
    ripenInside(state, p);
  }
  if (step.method === 'boil' || step.method === 'hot-soak') {
    diffuseField(
      state,
      p,
      sugar,
      readTable(SUGAR_DIFFUSIVITY, temperature),
      BOILING_MASS_TRANSFER,
      0,
      step.duration,
      20,
    );
  }
}

/** Heats every cell by `density` W/m³ · its volume; what would pass 100 °C boils water off instead. */
function microwave(state: PieceState, p: number, density: number, duration: number): void {
  const { cells, tissue, temperature, moisture } = state;
  for (let i = p * cells; i < (p + 1) * cells; i++) {
    const capacity = tissue.solidsDensity * (tissue.solidsHeat + WATER_SPECIFIC_HEAT * moisture[i]!);
    const reached = temperature[i]! + (density * duration) / capacity;
    const surplus = Math.max(0, reached - 373.1) * capacity;
    temperature[i] = Math.min(reached, 373.1);
    moisture[i] = Math.max(0.05, moisture[i]! - surplus / BOILING_LATENT_HEAT / tissue.solidsDensity);
  }
}
