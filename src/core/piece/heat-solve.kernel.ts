import { readTable, slopeOfTable } from '../numeric/uniform-table';
import { solveTridiagonal } from '../numeric/tridiagonal';
import { FREEZING_POINT, frozenCapacity, iceConductivity } from '../properties/freezing';
import { BOILING_TEMPERATURE_TABLE } from '../properties/sorption';
import { BOILING_LATENT_HEAT, WATER_SPECIFIC_HEAT } from '../properties/water';
import type { PieceState, StepLength } from './piece-state';

/** Passes after which the active set is taken as it stands. Source: numerics. */
const PASS_LIMIT = 8;

/** Share of a cell's water that may boil off in one step. Source: numerics. */
const BOIL_SHARE_LIMIT = 0.95;

/** Capacities, conductances and boiling points of piece p at the start of a step, into the scratch. */
export function prepareCells(state: PieceState, p: number, step: StepLength): void {
  const { cells, tissue, scratch } = state;
  const coatFrom = state.coatCells;
  const coatTo = cells - state.coatCells;
  const coat = state.coat ?? tissue;
  const perSecond = 1 / step[0]!;
  const perHeat = -step[0]! / BOILING_LATENT_HEAT;
  const { conductivity, conductance, capacity, boiling, boilingSlope } = scratch;
  const base = p * cells;
  for (let i = 0; i < cells; i++) {
    const moisture = state.moisture[base + i]!;
    const temperature = state.temperature[base + i]!;
    const solids = state.solids[base + i]!;
    const material = i >= coatFrom && i < coatTo ? tissue : coat;
    conductivity[i] =
      readTable(material.conductivity, moisture) * (1 + material.conductivitySlope * (temperature - 333.15));
    capacity[i] = (state.solidsCapacity[base + i]! + solids * WATER_SPECIFIC_HEAT * moisture) * perSecond;
    if (state.holdsIce && temperature < FREEZING_POINT) {
      conductivity[i] = conductivity[i]! * iceConductivity(temperature);
      capacity[i] = frozenCapacity(temperature, state.solidsCapacity[base + i]!, solids, moisture) * perSecond;
    }
    boiling[i] = readTable(BOILING_TEMPERATURE_TABLE, moisture);
    boilingSlope[i] = (slopeOfTable(BOILING_TEMPERATURE_TABLE, moisture) * perHeat) / solids;
    if (state.front[base + i] === 2) state.front[base + i] = 1;
  }
  for (let i = 0; i < cells - 1; i++) {
    /* A / (w/k + w′/k′), with one division */
    const own = conductivity[i]!;
    const next = conductivity[i + 1]!;
    conductance[i] =
      (state.interfaceArea[base + i]! * own * next) /
      (state.halfWidth[base + i]! * next + state.halfWidth[base + i + 1]! * own);
  }
  scratch.skinConductance[0] = conductivity[0]! / state.halfWidth[base]!;
  scratch.skinConductance[1] = conductivity[cells - 1]! / state.halfWidth[base + cells - 1]!;
}

/**
 * Implicit heat step of piece p with the boiling front as an active set: a cell at its boiling point is held on the line
 * T = Tb(X) + s·q, s = −Tb′·Δt/(λ·ρs·V), where q is the heat that evaporates its water; it leaves the set when q turns
 * negative. Re-solved until no cell changes. Leaves new temperatures in scratch.solution and q, W/m², in
 * scratch.evaporation.
 * Cost: about two tridiagonal solves a step. Source: active-set form of the moving-front drying model, Farkas et al. (1996).
 */
export function solveHeat(state: PieceState, p: number, step: StepLength): void {
  const { cells, scratch } = state;
  const mostBoiled = (BOIL_SHARE_LIMIT * BOILING_LATENT_HEAT) / step[0]!;
  const { lower, diagonal, upper, solution, capacity, conductance, boiling, boilingSlope, evaporation } = scratch;
  const { front } = state;
  const base = p * cells;
  const last = cells - 1;
  const temperature = state.temperature;
  const moisture = state.moisture;
  const leftAbsorb = absorbed(state, p, 0);
  const rightAbsorb = absorbed(state, p, 1);
  const leftGain = skinGain(state, p, 0);
  const rightGain = skinGain(state, p, 1);

  for (let pass = 1; pass <= PASS_LIMIT; pass++) {
    state.passes++;
    for (let i = 0; i < cells; i++) {
      const inward = i > 0 ? conductance[i - 1]! : leftAbsorb;
      const outward = i < last ? conductance[i]! : rightAbsorb;
      let right = capacity[i]! * temperature[base + i]!;
      if (i === 0) right += leftGain;
      if (i === last) right += rightGain;
      if (front[base + i] === 2) right -= evaporation[i]!;
      const held = front[base + i] === 1;
      const scale = held ? boilingSlope[i]! : 1;
      diagonal[i] = scale * (capacity[i]! + inward + outward) + (held ? 1 : 0);
      lower[i] = i > 0 ? -scale * inward : 0;
      upper[i] = i < last ? -scale * outward : 0;
      solution[i] = held ? scale * right + boiling[i]! : right;
    }
    solveTridiagonal(lower, diagonal, upper, solution, cells);

    let changed = false;
    for (let i = 0; i < cells; i++) {
      if (front[base + i] === 0) {
        evaporation[i] = 0;
        if (solution[i]! > boiling[i]! + 1e-9 && moisture[base + i]! > 1e-6) {
          front[base + i] = 1;
          changed = true;
        }
      } else if (front[base + i] === 1) {
        const inward =
          i > 0 ? conductance[i - 1]! * (solution[i - 1]! - solution[i]!) : leftGain - leftAbsorb * solution[0]!;
        const outward =
          i < last ? conductance[i]! * (solution[i + 1]! - solution[i]!) : rightGain - rightAbsorb * solution[last]!;
        const heat = inward + outward - capacity[i]! * (solution[i]! - temperature[base + i]!);
        const most = moisture[base + i]! * state.solids[base + i]! * mostBoiled;
        if (heat < 0) {
          front[base + i] = 0;
          evaporation[i] = 0;
          changed = true;
        } else if (heat > most) {
          front[base + i] = 2;
          evaporation[i] = most;
          changed = true;
        } else {
          evaporation[i] = heat;
        }
      }
    }
    if (!changed) return;
  }
  state.unsettled++;
  settleBalance(state, p, leftAbsorb, rightAbsorb, leftGain, rightGain);
}

/** After the last pass a cell may just have changed sides: take its evaporation from the solved field, so that heat is kept. */
function settleBalance(
  state: PieceState,
  p: number,
  leftAbsorb: number,
  rightAbsorb: number,
  leftGain: number,
  rightGain: number,
): void {
  const { cells, scratch } = state;
  const { solution, capacity, conductance, evaporation } = scratch;
  const last = cells - 1;
  for (let i = 0; i < cells; i++) {
    const inward =
      i > 0 ? conductance[i - 1]! * (solution[i - 1]! - solution[i]!) : leftGain - leftAbsorb * solution[0]!;
    const outward =
      i < last ? conductance[i]! * (solution[i + 1]! - solution[i]!) : rightGain - rightAbsorb * solution[last]!;
    evaporation[i] = inward + outward - capacity[i]! * (solution[i]! - state.temperature[p * cells + i]!);
  }
}

/** Conductance between the outer cell and all that surrounds a skin, skin eliminated, W/(m² K). */
function absorbed(state: PieceState, p: number, face: number): number {
  const f = 2 * p + face;
  const kd = state.scratch.skinConductance[face]!;
  const outside = state.convection[f]! + state.radiation[f]! + state.scratch.evaporationSlope[face]!;
  return (kd * outside) / (kd + outside);
}

/** Heat that the outer cell would gain at 0 K, W/m²: the constant part of the same elimination. */
function skinGain(state: PieceState, p: number, face: number): number {
  const f = 2 * p + face;
  const { scratch } = state;
  const kd = scratch.skinConductance[face]!;
  const outside = state.convection[f]! + state.radiation[f]! + scratch.evaporationSlope[face]!;
  return (kd * skinSource(state, f, face)) / (kd + outside);
}

/** Constant part of the skin's balance, W/m²: air and radiation less evaporation at the guess. */
export function skinSource(state: PieceState, f: number, face: number): number {
  const { scratch } = state;
  return (
    state.convection[f]! * state.airTemperature[f]! +
    state.radiation[f]! * state.radiantTemperature[f]! -
    scratch.evaporationAtSkin[face]! +
    scratch.evaporationSlope[face]! * scratch.skinGuess[face]!
  );
}
