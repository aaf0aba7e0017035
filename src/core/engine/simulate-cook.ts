import { batchYield } from '../cut/batch-yield';
import { OPENNESS_BETWEEN, pieceGeometry, scaleThickness } from '../cut/piece-geometry';
import { type BedState, createBed, LAYER_SHRINKAGE, mixBed } from '../fryer/bed';
import { type CavityState, createCavity, predictHumidity, stepCavity } from '../fryer/cavity';
import { freshLayers } from '../fryer/layers';
import { surroundPieces, type StreamMemory } from '../fryer/surroundings.kernel';
import { createSeededRandom, type RandomSource } from '../numeric/seeded-random';
import { cookDuration, dialTemperature, type CookAction, type Plan } from '../plan/plan';
import { HELD_OIL, oilFactor } from '../prep/browning-factor';
import { prepareBatch } from '../prep/prepare-batch';
import { glassyMoistureLimit } from '../properties/glass-transition';
import { ATMOSPHERIC_PRESSURE, VAPOUR_GAS_CONSTANT } from '../properties/water';
import type { CookRecord } from './cook-record';
import { neededCrust } from './crispness-target';
import { glassyDepth } from './glassy-crust';
import { judgePiece } from './judge-piece';
import { createPieceState, type PieceState } from './piece-state';
import { HEAT_TO_MASS_TRANSFER } from './skin-balance.kernel';
import { stepPieces, visibleBrowning } from './piece-step.kernel';
import { sampleThickness } from './sample-thickness';
import { tissueOf } from './tissue';

/** How finely a cook is computed. */
export interface Resolution {
  readonly pieces: number;
  /** odd */
  readonly cells: number;
  /** s */
  readonly step: number;
  /** s, a multiple of step */
  readonly interval: number;
}

/** Resolution of a shown forecast. Source: grid study in docs/model/engineer.md. */
export const STANDARD_RESOLUTION: Resolution = { pieces: 16, cells: 21, step: 4, interval: 20 };

/** Temperature at which pieces are judged in the mouth, K. Source: assumed, 45 °C a minute or two after the drawer. */
export const EATING_TEMPERATURE = 318.15;

/** Smoothing of the air stream's heat and steam between steps. */
const STREAM_MEMORY = 0.5;

/** Drawer out for each action, s, how much it mixes, and the chance that a piece turns. Source: assumed. */
const ACTIONS: Record<CookAction, { readonly open: number; readonly mixing: number; readonly turning: number }> = {
  shake: { open: 16, mixing: 0.6, turning: 0.5 },
  toss: { open: 40, mixing: 0.95, turning: 0.5 },
  flip: { open: 60, mixing: 0, turning: 1 },
  open: { open: 30, mixing: 0, turning: 0 },
  pull: { open: 25, mixing: 0.3, turning: 0.3 },
  oil: { open: 30, mixing: 0.5, turning: 0.5 },
};

/** Cooks the plan on a sample of pieces. Same plan, seed and resolution, same bits. Cost: see `npm run bench`. */
export function simulateCook(plan: Plan, seed: number, resolution: Resolution = STANDARD_RESOLUTION): CookRecord {
  const random = createSeededRandom(seed);
  const run = startRun(plan, random, resolution);
  const recorder = createRecorder(plan, run, resolution);
  const isRight = createJudge(plan, run);
  const steps = Math.round(cookDuration(plan) / resolution.step);
  const perSample = Math.round(resolution.interval / resolution.step);
  recorder.take(0);
  let event = 0;
  let openUntil = -1;
  const events = [...plan.events].sort((a, b) => a.time - b.time);
  for (let n = 0; n < steps; n++) {
    const time = n * resolution.step;
    while (event < events.length && events[event]!.time <= time) {
      const { action, oilMass } = events[event]!;
      openUntil = Math.max(openUntil, time + ACTIONS[action].open);
      mixBed(run.bed, ACTIONS[action].mixing, ACTIONS[action].turning, random);
      if (action === 'pull') pullRight(run, isRight);
      if (action === 'oil') oilAgain(run, oilMass ?? 0);
      event++;
    }
    stepRun(run, plan, dialTemperature(plan.stages, time), time < openUntil, resolution.step);
    if ((n + 1) % perSample === 0) recorder.take((n + 1) / perSample);
  }
  return recorder.finish();
}

interface Run {
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
  powerSum: number;
}

function startRun(plan: Plan, random: RandomSource, resolution: Resolution): Run {
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
    powerSum: 0,
  };
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

function stepRun(run: Run, plan: Plan, dial: number, open: boolean, duration: number): void {
  const { state, memory, area, cavity } = run;
  const lost = 1 - run.water.left / run.water.start;
  let inBasket = 0;
  for (let p = 0; p < state.count; p++) inBasket += run.bed.inBasket[p]! / state.count;
  const layers = run.layersFresh * inBasket * (1 - LAYER_SHRINKAGE * lost);
  predictHumidity(cavity, plan.fryer, steamResponse(run, plan), open, duration);
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
    memory.heat[p] = STREAM_MEMORY * memory.heat[p]! + (1 - STREAM_MEMORY) * pieceHeat;
    memory.steam[p] = STREAM_MEMORY * memory.steam[p]! + (1 - STREAM_MEMORY) * pieceSteam;
    heat += pieceHeat;
    steam += pieceSteam;
  }
  run.water.left -= steam * duration;
  stepCavity(cavity, plan.fryer, dial, heat, steam, open, duration);
  run.powerSum += cavity.power;
}

/** Takes the pieces that are right out of the basket; they lie on a rack from then on. */
function pullRight(run: Run, isRight: (piece: number) => boolean): void {
  for (let p = 0; p < run.state.count; p++) if (isRight(p)) run.bed.inBasket[p] = 0;
}

/** Oils what is in the basket once more; the browning factor follows the film. */
function oilAgain(run: Run, mass: number): void {
  const film = Math.min(HELD_OIL, run.oilFilm + mass / run.surface);
  const ratio = oilFactor(film) / oilFactor(run.oilFilm);
  for (let f = 0; f < run.state.browningFactor.length; f++) run.state.browningFactor[f]! *= ratio;
  run.oilFilm = film;
}

/** Judges a piece as it is now. */
function createJudge(plan: Plan, run: Run): (piece: number) => boolean {
  const { state } = run;
  const limit = glassyMoistureLimit(plan.food.dryGlassTransition, EATING_TEMPERATURE);
  const faces = new Float64Array(state.count * 2);
  return (p) => {
    visibleBrowning(state, faces, 0);
    const depth = (glassyDepth(state, p, 0, limit) + glassyDepth(state, p, 1, limit)) / 2;
    const crisp = depth / neededCrust(plan.target.crispness, state.halfThickness[p]!);
    return judgePiece(faces[2 * p]!, faces[2 * p + 1]!, crisp, heartOf(state, p, plan), plan.target.colour) === 1;
  };
}

/** How far the heart of a piece is: share of the softening needed, and for meat, fish and egg of the safe temperature. */
function heartOf(state: PieceState, p: number, plan: Plan): number {
  const middle = p * state.cells + (state.cells - 1) / 2;
  const soft = Math.min(1, state.softening[middle]! / plan.food.softeningDose);
  const safe = plan.food.safeCentreTemperature;
  return safe === null || state.temperature[middle]! >= safe ? soft : 0;
}

/** Steam less per unit of humidity ratio, kg/s, were all cut surface wet: hm · A · P/(Rv·T) / (0.622 + w). */
function steamResponse(run: Run, plan: Plan): number {
  let surface = 0;
  for (let p = 0; p < run.area.length; p++) surface += 2 * run.area[p]!;
  const massTransfer = plan.fryer.heatTransferCoefficient / HEAT_TO_MASS_TRANSFER;
  const density = ATMOSPHERIC_PRESSURE / (VAPOUR_GAS_CONSTANT * 350);
  return (massTransfer * surface * density * 0.5) / (0.622 + run.cavity.humidityMet);
}

function createRecorder(plan: Plan, run: Run, resolution: Resolution) {
  const { state } = run;
  const { count, cells } = state;
  const samples = Math.floor(cookDuration(plan) / resolution.interval + 1e-9) + 1;
  const limit = glassyMoistureLimit(plan.food.dryGlassTransition, EATING_TEMPERATURE);
  const needed = Float64Array.from(state.halfThickness, (half) => neededCrust(plan.target.crispness, half));
  const solids = new Float64Array(count);
  for (let p = 0; p < count; p++) {
    for (let i = p * cells; i < (p + 1) * cells; i++) solids[p] = solids[p]! + state.volume[i]!;
  }
  const record = {
    interval: resolution.interval,
    samples,
    pieces: count,
    browning: new Float32Array(samples * count * 2),
    crispness: new Float32Array(samples * count),
    softness: new Float32Array(samples * count),
    crustDepth: new Float32Array(samples),
    centreTemperature: new Float32Array(samples),
    moisture: new Float32Array(samples),
    waterLost: new Float32Array(samples),
    airTemperature: new Float32Array(samples),
    power: new Float32Array(samples),
  };
  const take = (sample: number) => {
    visibleBrowning(state, record.browning, sample * count * 2);
    let crust = 0;
    let centre = 0;
    let moisture = 0;
    for (let p = 0; p < count; p++) {
      const depth = (glassyDepth(state, p, 0, limit) + glassyDepth(state, p, 1, limit)) / 2;
      const middle = p * cells + (cells - 1) / 2;
      record.crispness[sample * count + p] = depth / needed[p]!;
      record.softness[sample * count + p] = heartOf(state, p, plan);
      crust += depth / count;
      centre += state.temperature[middle]! / count;
      let water = 0;
      for (let i = p * cells; i < (p + 1) * cells; i++) water += state.moisture[i]! * state.volume[i]!;
      moisture += water / solids[p]! / count;
    }
    record.crustDepth[sample] = crust;
    record.centreTemperature[sample] = centre;
    record.moisture[sample] = moisture;
    record.waterLost[sample] = (run.water.start - run.water.left) / plan.mass;
    record.airTemperature[sample] = run.cavity.temperature;
    const perSample = resolution.interval / resolution.step;
    record.power[sample] = sample === 0 ? 0 : run.powerSum / perSample / plan.fryer.maximumPower;
    run.powerSum = 0;
  };
  return {
    take,
    finish: (): CookRecord => ({
      ...record,
      energy: run.cavity.energy,
      sugarLeft: run.sugarLeft,
      repairs: state.repairs,
    }),
  };
}
