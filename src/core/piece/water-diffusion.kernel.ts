import { solveTridiagonal } from '../numeric/tridiagonal';
import { readTable } from '../numeric/uniform-table';
import { WATER_SPECIFIC_HEAT } from '../properties/water';
import { DIFFUSION_HALF_MOISTURE, WATER_DIFFUSIVITY } from './kinetics';
import type { PieceState } from './piece-state';

/** D(T, X) = D(T) · X/(X + 0.35), m²/s, with a trace left when dry so that a conductance exists. */
export function liquidDiffusivity(temperature: number, moisture: number): number {
  return readTable(WATER_DIFFUSIVITY, temperature) * (moisture / (moisture + DIFFUSION_HALF_MOISTURE) + 1e-6);
}

/**
 * Implicit step of liquid water moving through piece p while its skins give off scratch.drawn, kg/m²: ρs ∂X/∂t = ∇·(ρs D ∇X), with
 * D = D(T) · X/(X + 0.35). Water carries its enthalpy along (upwind), so heat is kept to rounding.
 * Cost: one tridiagonal solve. Source: Fick's law with moisture-dependent diffusivity, as in potato drying.
 */
export function diffuseWater(state: PieceState, p: number): void {
  const { cells, tissue, scratch, temperature, moisture, volume } = state;
  const duration = scratch.duration[0]!;
  const { lower, diagonal, upper, solution, conductance, conductivity } = scratch;
  const base = p * cells;
  const last = cells - 1;

  for (let i = 0; i < cells; i++) {
    conductivity[i] = liquidDiffusivity(temperature[base + i]!, moisture[base + i]!);
  }
  for (let i = 0; i < last; i++) {
    conductance[i] =
      (duration * state.interfaceArea[base + i]!) /
      (state.halfWidth[base + i]! / conductivity[i]! + state.halfWidth[base + i + 1]! / conductivity[i + 1]!);
  }

  /* water of each cell: V (X' − X) = Σ G (X' of neighbour − X') */
  for (let i = 0; i < cells; i++) {
    const inward = i > 0 ? conductance[i - 1]! : 0;
    const outward = i < last ? conductance[i]! : 0;
    lower[i] = -inward;
    upper[i] = -outward;
    diagonal[i] = volume[base + i]! + inward + outward;
    solution[i] = volume[base + i]! * moisture[base + i]!;
  }
  solution[0] = solution[0]! - scratch.drawn[0]! / tissue.solidsDensity;
  solution[last] = solution[last]! - scratch.drawn[1]! / tissue.solidsDensity;
  solveTridiagonal(lower, diagonal, upper, solution, cells);

  /* enthalpy carried by the water, relative to the cell's own temperature */
  let arrivingFromLeft = 0;
  let temperatureLeft = 0;
  for (let i = 0; i < cells; i++) {
    const own = temperature[base + i]!;
    const leaving = i < last ? conductance[i]! * (solution[i]! - solution[i + 1]!) : 0;
    let gained = 0;
    if (arrivingFromLeft > 0) gained += arrivingFromLeft * (temperatureLeft - own);
    if (leaving < 0) gained -= leaving * (temperature[base + i + 1]! - own);
    const wetness = solution[i]!;
    const heatCapacity = volume[base + i]! * (tissue.solidsHeat + WATER_SPECIFIC_HEAT * wetness);
    temperature[base + i] = own + (WATER_SPECIFIC_HEAT * gained) / heatCapacity;
    moisture[base + i] = wetness;
    arrivingFromLeft = leaving;
    temperatureLeft = own;
  }
}
