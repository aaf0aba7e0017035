import { batchYield } from '../cut/batch-yield';
import { OPENNESS_BETWEEN, pieceGeometry, scaleThickness } from '../cut/piece-geometry';
import { type BedState, createBed, LAYER_SHRINKAGE } from '../fryer/bed';
import { AIR_SPECIFIC_HEAT, type CavityState, createCavity, predictHumidity, stepCavity } from '../fryer/cavity';
import { freshLayers } from '../fryer/layers';
import { surroundPieces, type StreamMemory } from '../fryer/surroundings.kernel';
import type { RandomSource } from '../numeric/seeded-random';
import type { Plan } from '../plan/plan';
import { HELD_OIL, oilFactor } from '../prep/browning-factor';
import { prepareBatch } from '../prep/prepare-batch';
import { ATMOSPHERIC_PRESSURE, VAPOUR_GAS_CONSTANT, WATER_SPECIFIC_HEAT } from '../properties/water';
import { rightPieces } from './assess-piece';
import { createPieceState, type PieceState } from './piece-state';
import { stepPieces } from './piece-step.kernel';
import type { Resolution } from './resolution';
import { sampleThickness } from './sample-thickness';
import { HEAT_TO_MASS_TRANSFER } from './skin-balance.kernel';
import { tissueOf } from './tissue';

/** Least smoothing of the air stream's heat and steam between steps. */
const LEAST_MEMORY = 0.5;

/** A cook under way: pieces, bed, cavity, and what is left of the water. */
export interface CookRun {
  readonly state: PieceState;
  readonly bed: BedState;
  readonly memory: StreamMemory;
  readonly cavity: CavityState;
  /** m² of one face that each sample piece stands for in the whole batch */
  readonly area: Float64Array;
  /** m², cut surface of the whole batch */
  readonly surface: number;
  /** kg/m² of oil on it */
  oilFilm: number;
  readonly layersFresh: number;
  readonly sugarLeft: number;
  readonly water: { readonly start: number; left: number };
  /** J drawn by the heater since the last sample */
  energySinceSample: number;
  /** s, longest step that the thinnest piece bears */
  readonly longestStep: number;
}

/** Prepared pieces in a basket that goes in now. */
export function startRun(plan: Plan, random: RandomSource, resolution: Resolution): CookRun {
  const factors = sampleThickness(resolution.pieces, plan.scatter, random);
  const geometries = Array.from(factors, (factor) => pieceGeometry(scaleThickness(plan.cut, factor)));
  const state = createPieceState(geometries, resolution.cells, tissueOf(plan.food), plan.startTemperature);
  const { oilFilm, sugarLeft } = prepareBatch(state, plan);
  const yielded = batchYield(plan.food, plan.cut, plan.mass);
  const meanVolume = geometries.reduce((sum, g) => sum + g.volume, 0) / geometries.length;
  const pieces = yielded.volume / meanVolume / geometries.length;
  const area = Float64Array.from(geometries, (g) => (pieces * g.surface) / 2);
  const cavity = createCavity();
  if (plan.preheat) preheat(cavity, plan, plan.preheat.temperature, plan.preheat.duration);
  const water = batchWater(state, area);
  return {
    state,
    bed: createBed(resolution.pieces, random),
    memory: { heat: new Float64Array(resolution.pieces), steam: new Float64Array(resolution.pieces) },
    cavity,
    area,
    surface: yielded.surface,
    oilFilm,
    sugarLeft,
    layersFresh: freshLayers(plan),
    water: { start: water, left: water },
    energySinceSample: 0,
    longestStep: longestStep(state, plan),
  };
}

/** Share of a piece's own response time that a step may take. Source: chosen; halving it changes no done minute by 1 %. */
const STEP_SHARE = 1 / 8;

/** Longest step, s: an eighth of the time in which the thinnest piece, as it goes in, warms by h alone. */
function longestStep(state: PieceState, plan: Plan): number {
  let shortest = Infinity;
  for (let p = 0; p < state.count; p++) {
    let capacity = 0;
    for (let i = p * state.cells; i < (p + 1) * state.cells; i++) {
      capacity +=
        (state.tissue.solidsHeat + WATER_SPECIFIC_HEAT * state.moisture[i]!) *
        state.volume[i]! *
        state.tissue.solidsDensity;
    }
    shortest = Math.min(shortest, capacity / 2 / plan.fryer.heatTransferCoefficient);
  }
  return STEP_SHARE * shortest;
}

function preheat(cavity: CavityState, plan: Plan, dial: number, duration: number): void {
  const steps = Math.max(1, Math.round(duration / 4));
  for (let n = 0; n < steps; n++) stepCavity(cavity, plan.fryer, dial, 0, 0, false, duration / steps);
}

function batchWater(state: PieceState, area: Float64Array): number {
  let water = 0;
  for (let p = 0; p < state.count; p++) {
    let inside = state.film[2 * p]! + state.film[2 * p + 1]!;
    for (let i = p * state.cells; i < (p + 1) * state.cells; i++) {
      inside += state.moisture[i]! * state.volume[i]! * state.tissue.solidsDensity;
    }
    water += inside * area[p]!;
  }
  return water;
}

/**
 * Moves the cook on by `duration` s with the dial at `dial` K, in as many equal parts as the thinnest piece needs: a leaf
 * answers the air within seconds, and a step much longer than that would dry it out before it is warm.
 */
export function stepRun(run: CookRun, plan: Plan, dial: number, open: boolean, duration: number): void {
  const parts = Math.max(1, Math.ceil(duration / run.longestStep));
  for (let n = 0; n < parts; n++) movePart(run, plan, dial, open, duration / parts);
}

function movePart(run: CookRun, plan: Plan, dial: number, open: boolean, duration: number): void {
  const { state, memory, area, cavity } = run;
  const lost = 1 - run.water.left / run.water.start;
  let inBasket = 0;
  for (let p = 0; p < state.count; p++) inBasket += run.bed.inBasket[p]! / state.count;
  const layers = run.layersFresh * inBasket * (1 - LAYER_SHRINKAGE * lost);
  const response = steamResponse(run, plan);
  const kept = streamMemory(run, plan, response);
  predictHumidity(cavity, plan.fryer, response, open, duration);
  surroundPieces(state, run.bed, memory, cavity, plan.fryer, layers, OPENNESS_BETWEEN[plan.cut.shape], open);
  stepPieces(state, duration);
  let heat = 0;
  let steam = 0;
  for (let p = 0; p < state.count; p++) {
    if (run.bed.inBasket[p] === 0) {
      memory.heat[p] = 0;
      memory.steam[p] = 0;
      continue;
    }
    const pieceHeat = ((state.heatTaken[2 * p]! + state.heatTaken[2 * p + 1]!) * area[p]!) / duration;
    const pieceSteam = (state.evaporated[p]! * area[p]!) / duration;
    memory.heat[p] = kept * memory.heat[p]! + (1 - kept) * pieceHeat;
    memory.steam[p] = kept * memory.steam[p]! + (1 - kept) * pieceSteam;
    heat += pieceHeat;
    steam += pieceSteam;
  }
  run.water.left -= steam * duration;
  stepCavity(cavity, plan.fryer, dial, heat, steam, open, duration);
  run.energySinceSample += cavity.power * duration;
}

/** Takes the pieces that are right out of the basket; they lie on a rack from then on. */
export function pullRight(run: CookRun, plan: Plan): void {
  rightPieces(run.state, plan).forEach((right, p) => {
    if (right) run.bed.inBasket[p] = 0;
  });
}

/** Oils what is in the basket once more; the browning factor follows the film. */
export function oilAgain(run: CookRun, mass: number): void {
  const film = Math.min(HELD_OIL, run.oilFilm + mass / run.surface);
  const ratio = oilFactor(film) / oilFactor(run.oilFilm);
  for (let f = 0; f < run.state.browningFactor.length; f++) run.state.browningFactor[f]! *= ratio;
  run.oilFilm = film;
}

/**
 * Share of the stream's last heat and steam kept for the next step. Leaves and thin chips offer the stream so much surface
 * that they answer it by more than it carries, and then warm and wet each other in turns; with a gain of g a share of
 * g/(1 + g) settles at once.
 */
function streamMemory(run: CookRun, plan: Plan, response: number): number {
  const { airFlow, heatTransferCoefficient } = plan.fryer;
  const byHeat = (heatTransferCoefficient * run.surface) / (airFlow * AIR_SPECIFIC_HEAT);
  const gain = Math.max(byHeat, (2 * response) / airFlow);
  return Math.max(LEAST_MEMORY, gain / (1 + gain));
}

/** Steam less per unit of humidity ratio, kg/s, were all cut surface wet: hm · A · P/(Rv·T) / (0.622 + w). */
function steamResponse(run: CookRun, plan: Plan): number {
  let surface = 0;
  for (let p = 0; p < run.area.length; p++) surface += 2 * run.area[p]!;
  const massTransfer = plan.fryer.heatTransferCoefficient / HEAT_TO_MASS_TRANSFER;
  const density = ATMOSPHERIC_PRESSURE / (VAPOUR_GAS_CONSTANT * 350);
  return (massTransfer * surface * density * 0.5) / (0.622 + run.cavity.humidityMet);
}
