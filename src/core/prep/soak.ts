import type { Food } from '../food/food';
import { diffuseField } from '../piece/diffuse-field';
import { SUGAR_DIFFUSIVITY } from '../piece/kinetics';
import type { PieceState } from '../piece/piece-state';
import { readTable } from '../numeric/uniform-table';
import { mixtureConductivity } from '../properties/choi-okos';
import { WATER_SPECIFIC_HEAT } from '../properties/water';

/** W/(m² K) of still to gently stirred water. Source: free convection in water, 300–800. */
const WATER_HEAT_TRANSFER = 500;

/** m/s of sugar from the surface into gently stirred water. Source: assumed, 1e-5 (film of 0.1 mm). */
const WATER_MASS_TRANSFER = 1e-5;

/** Below this temperature, K, cells are whole and let sugar through slowly. Source: membranes fail near 55 °C. */
const MEMBRANE_FAILURE = 328.15;

/** How much of the free diffusivity whole cells let through. Source: assumed; cut cells at the surface dominate short soaks. */
const WHOLE_CELL_SHARE = 0.5;

/** Water a raw piece takes up to swell fully, share of its moisture. Source: turgor gain of potato strips in cold water, 2–4 % of mass; assumed. */
const SWELLING = 0.04;

/** Diffusivity of that uptake, m²/s. Source: assumed equal to that of water in raw tissue near 20 °C. */
const SWELLING_DIFFUSIVITY = 5e-10;

/**
 * Lies piece p in water: temperature, sugar and moisture follow on the same grid.
 * @param sugar share of the raw sugar left, per cell, changed in place @param duration s
 */
export function soakPiece(
  state: PieceState,
  p: number,
  food: Food,
  sugar: Float64Array,
  waterTemperature: number,
  duration: number,
): void {
  const heatCapacity =
    state.tissue.solidsDensity * (state.tissue.solidsHeat + WATER_SPECIFIC_HEAT * state.tissue.rawMoisture);
  const conductivity = mixtureConductivity(food.composition, 40);
  const steps = 40;
  diffuseField(
    state,
    p,
    state.temperature,
    conductivity / heatCapacity,
    WATER_HEAT_TRANSFER / heatCapacity,
    waterTemperature,
    duration,
    steps,
  );
  const open = waterTemperature > MEMBRANE_FAILURE ? 1 : WHOLE_CELL_SHARE;
  diffuseField(
    state,
    p,
    sugar,
    readTable(SUGAR_DIFFUSIVITY, waterTemperature) * open,
    WATER_MASS_TRANSFER,
    0,
    duration,
    steps,
  );
  diffuseField(
    state,
    p,
    state.moisture,
    SWELLING_DIFFUSIVITY,
    WATER_MASS_TRANSFER,
    state.tissue.rawMoisture * (1 + SWELLING),
    duration,
    steps,
  );
  state.skinTemperature[2 * p] = state.temperature[p * state.cells]!;
  state.skinTemperature[2 * p + 1] = state.temperature[(p + 1) * state.cells - 1]!;
}
