import { readTable, slopeOfTable } from '../numeric/uniform-table';
import { WATER_ACTIVITY_TABLE } from '../properties/sorption';
import { ATMOSPHERIC_PRESSURE, latentHeat, SATURATION_PRESSURE_TABLE, VAPOUR_GAS_CONSTANT } from '../properties/water';
import type { PieceState, StepLength } from './piece-state';
import { liquidDiffusivity, vapourByMoisture, vapourMobility, vapourPressureRatio } from './water-diffusion.kernel';

/* taken once, as a look-up of a global costs more than the function where scripts run in a sandbox */
const { abs, log, max, min } = Math;

/**
 * Volumetric heat capacity of air times Le^⅔ and the film's temperature, J/m³: hm = h · T / this. Source: Chilton–Colburn analogy;
 * air tables give ρ·cp = 354 000/T J/(m³ K) at 1 atm, Le = 0.85.
 */
export const HEAT_TO_MASS_TRANSFER = 317_000;

/** Above this share of 1 atm the logarithm of Stefan flow goes on as its tangent, so that the slope stays finite. Source: numerics. */
const STEFAN_LIMIT = 0.9 * ATMOSPHERIC_PRESSURE;

/** Share of the water within reach of the skin that may leave in one step. Source: numerics. */
const SKIN_SHARE_LIMIT = 0.98;

/** Passes after which the balance is taken as it stands; the bracket halves at worst, so that this many leave 1e-3 of it. Source: numerics. */
const MOST_PASSES = 40;

/** The balance is settled when evaporation moves by less than this, W/m², and 1e-4 of it for each W/m² it is. Source: numerics. */
const SETTLED = 3;

/** K above which no skin is looked for unless its surroundings are hotter: vapour condenses up to its own boiling point. Source: numerics. */
const HOTTEST_WET_SKIN = 376;

/** K below which no skin is looked for. Source: numerics. */
const COLDEST_SKIN = 240;

/**
 * Heat and mass balance of one skin (wet bulb) over its outer cell:
 *   h(T∞ − Ts) + hr(Tr − Ts) + kd(Tc − Ts) = E(Ts, X'),  E = λ · hm · P/(Rv·Ts) · ln((P − pv)/(P − aw(X')·psat(Ts))).
 * The logarithm (Stefan flow) keeps a wet skin below the boiling point of its own moisture. X' is the outer cell's
 * moisture at the end of the step, what evaporates and what comes up from the next cell both counted:
 *   X' = (X + r·X1)/(1 + r) − E·Δt/(λ·ρs·V·(1 + r)),  r = Δt·G/V;
 * a skin cell holds less water than a step needs, so that without this the step length would show in the skin.
 * Given E, both Ts (heat) and X' (water) follow, and the evaporation at that Ts and X' falls as E rises: one unknown with
 * one zero, found by Newton's method within a bracket. Leaves the linearised E ≈ evaporationAtSkin + evaporationSlope · (Ts − skinGuess) in the
 * scratch, W/m², for the implicit solve of the cells.
 *
 * @param face 0 or 1 @param outer index of the outermost cell @param inner index of the cell below it
 * Source: Bird, Stewart & Lightfoot, Transport Phenomena, §22.8; relation of hm and h: Chilton & Colburn (1934).
 */
export function balanceSkin(
  state: PieceState,
  face: number,
  f: number,
  outer: number,
  inner: number,
  step: StepLength,
): void {
  const { scratch } = state;
  const duration = step[0]!;
  const convection = state.convection[f]!;
  const radiation = state.radiation[f]!;
  const airTerm = convection * state.airTemperature[f]! + radiation * state.radiantTemperature[f]!;
  /* a cell follows its skin within the step, held by its own heat and by the next cell; one that boils stays where it is */
  const follows = state.front[outer] === 0;
  const at = face === 0 ? 0 : state.cells - 1;
  const held = scratch.capacity[at]! + scratch.conductance[face === 0 ? 0 : at - 1]!;
  const direct = scratch.skinConductance[face]!;
  const kd = follows ? (direct * held) / (held + direct) : direct;
  const cellTemperature = follows
    ? state.temperature[inner]! +
      (scratch.capacity[at]! / held) * (state.temperature[outer]! - state.temperature[inner]!)
    : state.temperature[outer]!;
  const film = state.film[f]!;
  const supply = supplyRatio(state, outer, inner, step);
  const wettest = (state.moisture[outer]! + supply * state.moisture[inner]!) / (1 + supply);
  const stock = state.solids[outer]! * (1 + supply);
  const massTransfer =
    (convection * (state.airTemperature[f]! + state.skinTemperature[f]!)) / (2 * HEAT_TO_MASS_TRANSFER);
  const dryness = log(ATMOSPHERIC_PRESSURE - state.vapourPressure[f]!);

  const transfer = convection + radiation + kd;
  const heat = airTerm + kd * cellTemperature;
  const hottest = max(HOTTEST_WET_SKIN, state.airTemperature[f]!, state.radiantTemperature[f]!, cellTemperature);
  let low = heat - transfer * hottest;
  let high = heat - transfer * COLDEST_SKIN;
  let flux = max(low, min(high, heat - transfer * state.skinTemperature[f]!));
  let skin = 0;
  let slope = 0;
  for (let pass = 0; pass < MOST_PASSES; pass++) {
    skin = (heat - flux) / transfer;
    const latent = latentHeat(skin);
    const drying = duration / (latent * stock);
    const left = wettest - flux * drying;
    const moisture = max(0, left);
    const saturation = readTable(SATURATION_PRESSURE_TABLE, skin);
    const coefficient = (massTransfer * ATMOSPHERIC_PRESSURE) / (VAPOUR_GAS_CONSTANT * skin);
    const covered = film > 0 ? filmShare(film, coefficient, dryness, saturation, duration) : 0;
    const activity = covered + (1 - covered) * readTable(WATER_ACTIVITY_TABLE, moisture);
    const activitySlope = left > 0 ? (1 - covered) * slopeOfTable(WATER_ACTIVITY_TABLE, moisture) : 0;
    const pressure = activity * saturation;
    const gap = ATMOSPHERIC_PRESSURE - min(pressure, STEFAN_LIMIT);
    const drive = dryness - log(gap) + max(0, pressure - STEFAN_LIMIT) / gap;
    const byMoisture = (latent * coefficient * saturation * activitySlope * drying) / gap;
    const byTemperature = (latent * coefficient * activity * slopeOfTable(SATURATION_PRESSURE_TABLE, skin)) / gap;
    const excess = latent * coefficient * drive - flux;
    if (excess > 0) low = flux;
    else high = flux;
    const next = flux + excess / (1 + byMoisture + byTemperature / transfer);
    const inside = next > low && next < high ? next : (low + high) / 2;
    const settled = abs(inside - flux) < SETTLED + 1e-4 * SETTLED * abs(flux);
    slope = byTemperature / (1 + byMoisture);
    flux = inside;
    if (settled) break;
  }
  skin = (heat - flux) / transfer;

  const latent = latentHeat(skin);
  /* what lies behind is added up only where the cell's own would not do */
  if (flux * duration > (film + SKIN_SHARE_LIMIT * state.solids[outer]! * state.moisture[outer]!) * latent) {
    const within = min(stock * wettest, waterBehind(state, outer, inner));
    const available = ((film + SKIN_SHARE_LIMIT * within) * latent) / duration;
    if (flux > available) {
      flux = available;
      slope = 0;
    }
  }
  scratch.skinGuess[face] = skin;
  scratch.evaporationAtSkin[face] = flux;
  scratch.evaporationSlope[face] = slope;
}

/** Share of the step for which a film lasts, 0–1: a trace must not make the skin behave as wet throughout. */
function filmShare(film: number, coefficient: number, dryness: number, saturation: number, duration: number): number {
  const pressure = min(saturation, STEFAN_LIMIT);
  const rate = coefficient * (dryness - log(ATMOSPHERIC_PRESSURE - pressure));
  return rate * duration > film ? film / (rate * duration) : 1;
}

/** kg/m² of water between a skin and the middle of the piece. */
function waterBehind(state: PieceState, outer: number, next: number): number {
  const inwards = next - outer;
  const half = (state.cells - 1) / 2;
  let water = 0;
  for (let i = 0; i <= half; i++) {
    const at = outer + i * inwards;
    water += state.moisture[at]! * state.solids[at]! * (i === half ? 0.5 : 1);
  }
  return water;
}

/** r = Δt·G/s: how much of the next cell's water comes up to the outer cell in a step as liquid or vapour, relative to what it holds itself. */
function supplyRatio(state: PieceState, outer: number, next: number, step: StepLength): number {
  const resistance = state.halfWidth[outer]! / supplied(state, outer) + state.halfWidth[next]! / supplied(state, next);
  return (step[0]! * state.interfaceArea[min(outer, next)]!) / (resistance * state.solids[outer]!);
}

/** kg/(m s) of water that a cell lets through per unit of its moisture. */
function supplied(state: PieceState, at: number): number {
  const temperature = state.temperature[at]!;
  const moisture = state.moisture[at]!;
  const liquid = (liquidDiffusivity(temperature, moisture) * state.solids[at]!) / state.volume[at]!;
  if (!state.stillPores) return liquid + vapourByMoisture(temperature, moisture);
  return liquid + vapourMobility(temperature, moisture) * vapourPressureRatio(temperature, moisture);
}
