import { readTable } from '../numeric/uniform-table';
import { enthalpyOverThawed, FREEZING_POINT, temperatureOfEnthalpy } from '../properties/freezing';
import { FREE_WATER_MOISTURE } from '../properties/sorption';
import { BOILING_LATENT_HEAT, latentHeat, WATER_SPECIFIC_HEAT } from '../properties/water';
import { prepareCells, skinSource, solveHeat } from './heat-solve.kernel';
import { BROWNING_BY_MOISTURE, BROWNING_RATE, GELATINISATION_RATE, SOFTENING_RATE } from './kinetics';
import type { PieceState, StepLength } from './piece-state';
import { balanceSkin } from './skin-balance.kernel';
import { diffuseWater } from './water-diffusion.kernel';

/* taken once, as a look-up of a global costs more than the function where scripts run in a sandbox */
const { max, min } = Math;

/**
 * Moves every piece on by `step` in the surroundings set on its faces: skin, heat with boiling front, water,
 * browning and softening. No allocation. Heat and water are conserved to rounding.
 */
export function stepPieces(state: PieceState, step: StepLength): void {
  const { count, cells } = state;
  for (let p = 0; p < count; p++) {
    const base = p * cells;
    prepareCells(state, p, step);
    balanceSkin(state, 0, 2 * p, base, base + 1, step);
    balanceSkin(state, 1, 2 * p + 1, base + cells - 1, base + cells - 2, step);
    solveHeat(state, p, step);
    boilOff(state, p, step);
    dryFace(state, p, 0, base, step);
    dryFace(state, p, 1, base + cells - 1, step);
    diffuseWater(state, p, step);
    takeBackSteam(state, p);
    ripenInside(state, p, step);
    const centre = base + (cells - 1) / 2;
    brownFace(state, 2 * p, base, centre, step);
    brownFace(state, 2 * p + 1, base + cells - 1, centre, step);
  }
}

/** Water that boiled inside leaves as steam at its own boiling point; temperatures become the solved ones. */
function boilOff(state: PieceState, p: number, step: StepLength): void {
  const duration = step[0]!;
  const { cells, scratch, moisture, solids, temperature } = state;
  const base = p * cells;
  let steam = 0;
  let enthalpy = 0;
  for (let i = 0; i < cells; i++) {
    const solved = state.holdsIce ? meltedTo(state, base + i, i, step) : scratch.solution[i]!;
    temperature[base + i] = solved;
    if (scratch.evaporation[i] !== 0) {
      const boiled = (scratch.evaporation[i]! * duration) / BOILING_LATENT_HEAT;
      moisture[base + i] = moisture[base + i]! - boiled / solids[base + i]!;
      steam += boiled;
      enthalpy += boiled * (BOILING_LATENT_HEAT + WATER_SPECIFIC_HEAT * solved);
    }
  }
  state.evaporated[p] = steam;
  state.vapourEnthalpy[p] = enthalpy;
}

/**
 * Temperature that cell `at` reaches: the solved one, but where there is or was ice, that at which the cell holds the heat it took
 * up, so that melting keeps the balance whatever the step. Source: quasi-enthalpy correction, Pham (1985), J. Food Sci. 50, 1408.
 */
function meltedTo(state: PieceState, at: number, i: number, step: StepLength): number {
  const { scratch, solids, solidsCapacity, moisture } = state;
  const solved = scratch.solution[i]!;
  const before = state.temperature[at]!;
  if (before >= FREEZING_POINT && solved >= FREEZING_POINT) return solved;
  const gained = scratch.capacity[i]! * step[0]! * (solved - before);
  const enthalpy = enthalpyOverThawed(before, solidsCapacity[at]!, solids[at]!, moisture[at]!) + gained;
  return temperatureOfEnthalpy(enthalpy, solidsCapacity[at]!, solids[at]!, moisture[at]!);
}

/** Skin temperature, heat taken and evaporation of one face, all from the solved field; film goes before the cell's own water. */
function dryFace(state: PieceState, p: number, face: number, outer: number, step: StepLength): void {
  const duration = step[0]!;
  const { scratch } = state;
  const f = 2 * p + face;
  const kd = scratch.skinConductance[face]!;
  const cell = state.temperature[outer]!;
  const transfer = state.convection[f]! + state.radiation[f]!;
  const slope = scratch.evaporationSlope[face]!;
  const skin = (skinSource(state, f, face) + kd * cell) / (transfer + kd + slope);
  const spent = scratch.evaporationAtSkin[face]! + slope * (skin - scratch.skinGuess[face]!);
  const latent = latentHeat(scratch.skinGuess[face]!);
  const steam = (spent * duration) / latent;
  /* vapour that a cool skin takes up soaks into a dry one and lies as a film on a wet one */
  const soaksIn = steam < 0 && state.moisture[outer]! < FREE_WATER_MOISTURE;
  const fromFilm = soaksIn ? 0 : min(steam, state.film[f]!);
  const fromCell = steam - fromFilm;
  state.film[f] = state.film[f]! - fromFilm;
  scratch.drawn[face] = fromCell;
  state.skinTemperature[f] = skin;
  state.heatTaken[f] =
    duration *
    (state.convection[f]! * (state.airTemperature[f]! - skin) +
      state.radiation[f]! * (state.radiantTemperature[f]! - skin));
  state.evaporated[p] = state.evaporated[p]! + steam;
  state.vapourEnthalpy[p] = state.vapourEnthalpy[p]! + steam * latent + fromCell * WATER_SPECIFIC_HEAT * cell;
}

/**
 * Where even the middle owes water, the piece has run dry within the step: that much steam did not form, and its heat goes back into
 * the piece. All that cells further out owed lies there by then, see `diffuseWater`. Counted in state.repairs; heat and water are kept.
 */
function takeBackSteam(state: PieceState, p: number): void {
  const { cells, moisture, solids, solidsCapacity, temperature } = state;
  const middle = p * cells + (cells - 1) / 2;
  if (moisture[middle]! >= 0) return;
  const steam = -moisture[middle]! * solids[middle]!;
  const enthalpy = steam * (BOILING_LATENT_HEAT + WATER_SPECIFIC_HEAT * temperature[middle]!);
  moisture[middle] = 0;
  state.evaporated[p] = state.evaporated[p]! - steam;
  state.vapourEnthalpy[p] = state.vapourEnthalpy[p]! - enthalpy;
  let capacity = 0;
  for (let i = p * cells; i < (p + 1) * cells; i++) {
    capacity += solidsCapacity[i]! + WATER_SPECIFIC_HEAT * solids[i]! * moisture[i]!;
  }
  const warming = (steam * BOILING_LATENT_HEAT) / capacity;
  for (let i = p * cells; i < (p + 1) * cells; i++) temperature[i] = temperature[i]! + warming;
  state.repairs++;
}

/** Gelatinisation and softening during a step, and the warmest the centre has been. */
export function ripenInside(state: PieceState, p: number, step: StepLength): void {
  const duration = step[0]!;
  const { cells, temperature, gelatinised, softening, hottestCentre } = state;
  const middle = p * cells + (cells - 1) / 2;
  const centre = temperature[middle]!;
  hottestCentre[p] = max(hottestCentre[p]!, centre);
  if (!state.ripensThroughout) {
    softening[middle] = softening[middle]! + readTable(SOFTENING_RATE, centre) * duration;
    return;
  }
  for (let i = p * cells; i < (p + 1) * cells; i++) {
    const rate = readTable(GELATINISATION_RATE, temperature[i]!) * duration;
    gelatinised[i] = (gelatinised[i]! + rate) / (1 + rate);
    softening[i] = softening[i]! + readTable(SOFTENING_RATE, temperature[i]!) * duration;
  }
}

/**
 * dB/dt = kb(Ts) · w(X) · factor, at the skin, flat and edge apart. An edge takes up heat from two sides and
 * passes it on over the same crust: with r = (Ts − Tcentre)/(T∞ − Tcentre) on the flat, its r is 2r/(1 + r).
 * Source: steady balance of an edge with doubled surface per crust; assumed to hold while the crust grows.
 */
function brownFace(state: PieceState, f: number, outer: number, centre: number, step: StepLength): void {
  if (state.film[f]! > 0) return;
  const pace = step[0]! * state.browningFactor[f]! * readTable(BROWNING_BY_MOISTURE, state.moisture[outer]!);
  const skin = state.skinTemperature[f]!;
  const inside = state.temperature[centre]!;
  const air = state.airTemperature[f]!;
  const warmth = air > inside ? min(1, max(0, (skin - inside) / (air - inside))) : 1;
  const edge = air > inside ? inside + (air - inside) * ((2 * warmth) / (1 + warmth)) : skin;
  state.browning[f] = state.browning[f]! + pace * readTable(BROWNING_RATE, skin);
  state.edgeBrowning[f] = state.edgeBrowning[f]! + pace * readTable(BROWNING_RATE, edge);
}

/** Browning as the eye takes it, flat and edges by their share of the surface, of every face, into `out` from `offset`. */
export function visibleBrowning(state: PieceState, out: Float32Array | Float64Array, offset: number): void {
  for (let f = 0; f < 2 * state.count; f++) {
    const share = state.edgeShare[f >> 1]!;
    out[offset + f] = state.browning[f]! + share * (state.edgeBrowning[f]! - state.browning[f]!);
  }
}
