import { solveTridiagonal } from '../numeric/tridiagonal';
import { readTable, slopeOfTable } from '../numeric/uniform-table';
import { FREE_WATER_MOISTURE, WATER_ACTIVITY_TABLE } from '../properties/sorption';
import { ATMOSPHERIC_PRESSURE, SATURATION_PRESSURE_TABLE, WATER_SPECIFIC_HEAT } from '../properties/water';
import { DIFFUSION_HALF_MOISTURE, PORES_FULL, VAPOUR_MOBILITY, WATER_DIFFUSIVITY } from './kinetics';
import type { PieceState, StepLength } from './piece-state';

/* taken once, as a look-up of a global costs more than the function where scripts run in a sandbox */
const { max, min } = Math;

/** A trace of mobility, kg/(m s Pa), so that a conductance exists. Source: numerics. */
const TRACE_MOBILITY = 1e-18;

/** Boiling at one atmosphere, K, and how far below it vapour has begun to move by its own pressure, K. Source: the latter assumed. */
const BOILING = 373.15;
const BELOW_BOILING = 10;

/** Moisture below which the ratio of pressure to moisture is that at this moisture, kg/kg. Source: chosen, a step of the table. */
const LEAST_MOISTURE = 1e-3;

/** D(T, X) = D(T) · X/(X + 0.35) of liquid, m²/s; a trace is left when dry so that a conductance exists. */
export function liquidDiffusivity(temperature: number, moisture: number): number {
  return readTable(WATER_DIFFUSIVITY, temperature) * (moisture / (moisture + DIFFUSION_HALF_MOISTURE) + 1e-6);
}

/** Mobility of vapour in the pores that liquid leaves open, kg/(m s Pa); a trace is left when wet. */
export function vapourMobility(temperature: number, moisture: number): number {
  const open = moisture < PORES_FULL ? 1 - moisture / PORES_FULL : 0;
  return readTable(VAPOUR_MOBILITY, temperature) * open + TRACE_MOBILITY;
}

/** M · ∂p/∂X of vapour below boiling, kg/(m s): what a difference of moisture alone moves through the pores; steam sweeps them from boiling on. */
export function vapourByMoisture(temperature: number, moisture: number): number {
  if (temperature >= BOILING || moisture >= FREE_WATER_MOISTURE) return 0;
  const still = min(1, (BOILING - temperature) / BELOW_BOILING);
  const slope = slopeOfTable(WATER_ACTIVITY_TABLE, moisture);
  return still * vapourMobility(temperature, moisture) * readTable(SATURATION_PRESSURE_TABLE, temperature) * slope;
}

/** min(P, aw(X)·psat(T)) / X, Pa: pressure of the vapour in a cell over its moisture. */
export function vapourPressureRatio(temperature: number, moisture: number): number {
  const x = max(moisture, LEAST_MOISTURE);
  return (
    min(ATMOSPHERIC_PRESSURE, readTable(SATURATION_PRESSURE_TABLE, temperature) * readTable(WATER_ACTIVITY_TABLE, x)) /
    x
  );
}

/**
 * Implicit step of water moving through piece p while its skins give off scratch.drawn, kg/m². Liquid: ∂(ρs X)/∂t = ∇·(D ρs Xf ∇(X/Xf)),
 * with Xf the moisture a material holds when full, so that in one material this is Fick's law and two that touch come to the same
 * share of what they can hold. Vapour: ∇·(M ∇p), p = min(P, aw(X)·psat(T)), taken as p/X at the start of the step times X at its end, so
 * that no cell gives more than it has: in a boiling crust the pressure is the same everywhere and nothing moves; below boiling it carries water from a moist heart into the crust and out of it. Water carries
 * its enthalpy as liquid along (upwind), so that heat is kept to rounding.
 * Cost: one tridiagonal solve. Source: Fick's law with moisture-dependent diffusivity, as in potato drying; vapour as in models of
 * baking, its latent heat between cells left out; the potential between coat and tissue assumed.
 */
export function diffuseWater(state: PieceState, p: number, step: StepLength): void {
  const { cells, tissue, scratch, temperature, moisture, solids, solidsCapacity, volume, halfWidth, interfaceArea } =
    state;
  const { stillPores } = state;
  const duration = step[0]!;
  const { lower, diagonal, upper, solution, outflow, backflow } = scratch;
  const base = p * cells;
  const last = cells - 1;
  const coatFrom = state.coatCells;
  const coatTo = cells - state.coatCells;
  const inTissue = 1 / tissue.fullMoisture;
  const inCoat = state.coat ? 1 / state.coat.fullMoisture : inTissue;

  /* what flows from a cell to the next is outflow · X − backflow · X of the next */
  let liquidBefore = 0;
  let vapourBefore = 0;
  let ratioBefore = 0;
  let fullBefore = 0;
  for (let i = 0; i < cells; i++) {
    const at = base + i;
    const full = i >= coatFrom && i < coatTo ? inTissue : inCoat;
    let mobility = (liquidDiffusivity(temperature[at]!, moisture[at]!) * solids[at]!) / volume[at]!;
    let vapour = 0;
    let ratio = 0;
    if (stillPores) {
      vapour = halfWidth[at]! / vapourMobility(temperature[at]!, moisture[at]!);
      ratio = vapourPressureRatio(temperature[at]!, moisture[at]!);
    } else mobility += vapourByMoisture(temperature[at]!, moisture[at]!);
    const liquid = (halfWidth[at]! * full) / mobility;
    if (i > 0) {
      const across = duration * interfaceArea[at - 1]!;
      const conductance = across / (liquidBefore + liquid);
      const permeance = stillPores ? across / (vapourBefore + vapour) : 0;
      outflow[i - 1] = conductance * fullBefore + permeance * ratioBefore;
      backflow[i - 1] = conductance * full + permeance * ratio;
    }
    liquidBefore = liquid;
    vapourBefore = vapour;
    ratioBefore = ratio;
    fullBefore = full;
  }

  /* water of each cell: s (X' − X) = what arrives from both sides less what leaves */
  for (let i = 0; i < cells; i++) {
    const fromLeft = i > 0 ? outflow[i - 1]! : 0;
    const toLeft = i > 0 ? backflow[i - 1]! : 0;
    const toRight = i < last ? outflow[i]! : 0;
    const fromRight = i < last ? backflow[i]! : 0;
    lower[i] = -fromLeft;
    upper[i] = -fromRight;
    diagonal[i] = solids[base + i]! + toLeft + toRight;
    solution[i] = solids[base + i]! * moisture[base + i]!;
  }
  solution[0] = solution[0]! - scratch.drawn[0]!;
  solution[last] = solution[last]! - scratch.drawn[1]!;
  solveTridiagonal(lower, diagonal, upper, solution, cells);

  /* from here on outflow is what flows from a cell to the next, kg/m² */
  for (let i = 0; i < last; i++) outflow[i] = outflow[i]! * solution[i]! - backflow[i]! * solution[i + 1]!;
  /* a skin that drew more than came up to it fetches the rest from further in: no cell is left with less water than none, at which its temperature would have no meaning */
  const middle = last / 2;
  for (let i = 0; i < middle; i++) {
    if (solution[i]! < 0) {
      const owed = -solution[i]! * solids[base + i]!;
      solution[i] = 0;
      solution[i + 1] = solution[i + 1]! - owed / solids[base + i + 1]!;
      outflow[i] = outflow[i]! - owed;
    }
    const j = last - i;
    if (solution[j]! < 0) {
      const owed = -solution[j]! * solids[base + j]!;
      solution[j] = 0;
      solution[j - 1] = solution[j - 1]! - owed / solids[base + j - 1]!;
      outflow[j - 1] = outflow[j - 1]! + owed;
    }
  }

  /* enthalpy carried by the water, relative to the cell's own temperature */
  let arrivingFromLeft = 0;
  let temperatureLeft = 0;
  for (let i = 0; i < cells; i++) {
    const at = base + i;
    const own = temperature[at]!;
    const wetness = solution[i]!;
    const leaving = i < last ? outflow[i]! : 0;
    let gained = 0;
    if (arrivingFromLeft > 0) gained += arrivingFromLeft * (temperatureLeft - own);
    if (leaving < 0) gained -= leaving * (temperature[at + 1]! - own);
    const heatCapacity = solidsCapacity[at]! + WATER_SPECIFIC_HEAT * solids[at]! * wetness;
    temperature[at] = own + (WATER_SPECIFIC_HEAT * gained) / heatCapacity;
    moisture[at] = wetness;
    arrivingFromLeft = leaving;
    temperatureLeft = own;
  }
}
