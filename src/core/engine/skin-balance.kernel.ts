import { readTable, slopeOfTable } from '../numeric/uniform-table';
import { WATER_ACTIVITY_TABLE } from '../properties/sorption';
import { ATMOSPHERIC_PRESSURE, latentHeat, SATURATION_PRESSURE_TABLE, VAPOUR_GAS_CONSTANT } from '../properties/water';
import type { PieceState } from './piece-state';

/* taken once, as a look-up of a global costs more than the function where scripts run in a sandbox */
const { abs, log, max, min } = Math;

/**
 * Volumetric heat capacity of hot air times Le^⅔, J/(m³ K): hm = h / this. Source: Chilton–Colburn analogy with
 * ρ·cp ≈ 900–1200 J/(m³ K) and Le ≈ 0.85 between 20 and 120 °C.
 */
export const HEAT_TO_MASS_TRANSFER = 1100;

/** Above this share of 1 atm the logarithm of Stefan flow goes on as its tangent, so that the slope stays finite. */
const STEFAN_LIMIT = 0.9 * ATMOSPHERIC_PRESSURE;

/** Share of the outer cell's water that may leave by its skin in one step; more must first come up from inside. */
const SKIN_SHARE_LIMIT = 0.9;

/** Newton's largest move in one pass, K. */
const LARGEST_MOVE = 20;

/**
 * Heat and mass balance of one skin (wet bulb), with the heat of the outer cell taken as it stands:
 *   h(T∞ − Ts) + hr(Tr − Ts) + kd(Tc − Ts) = E(Ts),  E = λ · hm · P/(Rv·Ts) · ln((P − pv)/(P − aw·psat(Ts))).
 * The logarithm (Stefan flow) keeps a wet skin below the boiling point of its own moisture. Leaves the linearised
 * E ≈ evaporationAtSkin + evaporationSlope · (Ts − skinGuess) in the scratch, W/m², for the implicit solve of the cells.
 *
 * @param face 0 or 1 @param f index of the face in the state @param outer index of the outermost cell
 * Source: Bird, Stewart & Lightfoot, Transport Phenomena, §22.8; relation of hm and h: Chilton & Colburn (1934).
 */
export function balanceSkin(state: PieceState, face: number, f: number, outer: number, duration: number): void {
  const { scratch, tissue } = state;
  const convection = state.convection[f]!;
  const radiation = state.radiation[f]!;
  const kd = scratch.skinConductance[face]!;
  const airTerm = convection * state.airTemperature[f]! + radiation * state.radiantTemperature[f]!;
  const cellTemperature = state.temperature[outer]!;
  const film = state.film[f]!;
  const moisture = state.moisture[outer]!;
  const activity = film > 0 ? 1 : readTable(WATER_ACTIVITY_TABLE, moisture);
  const activitySlope = film > 0 ? 0 : slopeOfTable(WATER_ACTIVITY_TABLE, moisture);
  const solids = tissue.solidsDensity * state.volume[outer]!;
  const massTransfer = convection / HEAT_TO_MASS_TRANSFER;
  const dryness = log(ATMOSPHERIC_PRESSURE - state.vapourPressure[f]!);

  let skin = state.skinTemperature[f]!;
  let flux = 0;
  let slope = 0;
  for (let pass = 0; pass < 4; pass++) {
    const saturation = readTable(SATURATION_PRESSURE_TABLE, skin);
    const pressure = activity * saturation;
    const gap = ATMOSPHERIC_PRESSURE - min(pressure, STEFAN_LIMIT);
    const drive = dryness - log(gap) + max(0, pressure - STEFAN_LIMIT) / gap;
    const coefficient = (massTransfer * ATMOSPHERIC_PRESSURE) / (VAPOUR_GAS_CONSTANT * skin);
    const damping = 1 + (coefficient * activitySlope * saturation * duration) / (gap * solids);
    const scale = (latentHeat(skin) * coefficient) / damping;
    flux = scale * drive;
    slope = (scale * activity * slopeOfTable(SATURATION_PRESSURE_TABLE, skin)) / gap;
    const residual = airTerm - (convection + radiation) * skin + kd * (cellTemperature - skin) - flux;
    const move = residual / (convection + radiation + kd + slope);
    if (abs(move) < 1e-3 || pass === 3) break;
    skin += max(-LARGEST_MOVE, min(LARGEST_MOVE, move));
  }

  const available = ((film + SKIN_SHARE_LIMIT * solids * moisture) * latentHeat(skin)) / duration;
  if (flux > available) {
    flux = available;
    slope = 0;
  }
  scratch.skinGuess[face] = skin;
  scratch.evaporationAtSkin[face] = flux;
  scratch.evaporationSlope[face] = slope;
}
