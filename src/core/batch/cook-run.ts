import { pieceGeometry } from '../cut/piece-geometry';
import { type BedState, copyBed, createBed, layOnTop } from '../fryer/bed';
import { AIR_SPECIFIC_HEAT, type CavityState, createCavity, predictHumidity, stepCavity } from '../fryer/cavity';
import { thickToStrong } from '../fryer/places';
import { surroundPieces, type StreamMemory } from '../fryer/surroundings.kernel';
import type { RandomSource } from '../numeric/seeded-random';
import type { Fryer } from '../plan/fryer';
import type { Plan, Pulled, Stage } from '../plan/plan';
import { HELD_OIL, oilFactor } from '../prep/browning-factor';
import { stockOf, weightOf } from '../prep/ledger';
import { ATMOSPHERIC_PRESSURE, VAPOUR_GAS_CONSTANT } from '../properties/water';
import { rightPieces } from '../piece/assess-piece';
import type { PieceGroup } from './piece-group';
import { copyPieceState, type StepLength } from '../piece/piece-state';
import { stepPieces, visibleBrowning } from '../piece/piece-step.kernel';
import { HEAT_TO_MASS_TRANSFER } from '../piece/skin-balance.kernel';

/** Least smoothing of the air stream's heat and steam between steps. Source: numerics. */
const LEAST_MEMORY = 0.5;

/** Typical temperature of the air film on a skin that steams, K. Source: assumed; only smooths the prediction of humidity. */
const FILM_TEMPERATURE = 380;

/** Pieces that are or will be in the basket, however they came to be. */
export type LoadedGroup = Omit<PieceGroup, 'prepared'>;

/** A cook under way: pieces, bed and cavity. */
export interface CookRun<Group extends LoadedGroup = LoadedGroup> {
  /** what was loaded first, then what is added later, in the order it goes in */
  readonly groups: readonly Group[];
  readonly bed: BedState;
  readonly memory: StreamMemory;
  readonly cavity: CavityState;
  /** length of the step under way */
  readonly step: StepLength;
  /** J drawn by the heater since the last sample */
  energySinceSample: number;
}

/** Pieces in a basket that goes in now; those to be added later wait beside it. */
export function putIn<Group extends LoadedGroup>(
  groups: readonly Group[],
  plan: Pick<Plan, 'fryer' | 'fryerTemperature' | 'preheat' | 'thickToStrong'>,
  random: RandomSource,
): CookRun<Group> {
  const cavity = createCavity(plan.fryerTemperature);
  if (plan.preheat) preheat(cavity, plan.fryer, plan.preheat);
  const flat = groups.flatMap(({ part, state }) =>
    new Array<number>(state.count).fill(pieceGeometry(part.cut).flatShare),
  );
  const bed = createBed(Float64Array.from(flat), random, plan.fryer.places);
  if (plan.thickToStrong && bed.strengths) {
    const thickness = groups.flatMap(({ state }) => Array.from(state.halfThickness));
    bed.over.set(thickToStrong(bed.over, thickness, bed.strengths, random));
  }
  bed.inBasket.fill(0, groups[0]!.state.count);
  return {
    groups,
    bed,
    memory: { heat: new Float64Array(flat.length), steam: new Float64Array(flat.length) },
    cavity,
    step: new Float64Array(1),
    energySinceSample: 0,
  };
}

/** A cook as it is, to go on from apart. */
export function copyRun<Group extends LoadedGroup>({
  groups,
  bed,
  memory,
  cavity,
  ...run
}: CookRun<Group>): CookRun<Group> {
  return {
    ...run,
    groups: groups.map((group) => ({ ...group, state: copyPieceState(group.state) })),
    bed: copyBed(bed),
    memory: { heat: memory.heat.slice(), steam: memory.steam.slice() },
    cavity: { ...cavity },
    step: new Float64Array(1),
  };
}

function preheat(cavity: CavityState, fryer: Fryer, { duration, temperature }: Stage): void {
  const steps = Math.max(1, Math.round(duration / 4));
  for (let n = 0; n < steps; n++) stepCavity(cavity, fryer, temperature, 0, 0, false, duration / steps);
}

/**
 * Moves the cook on by `duration` s with the dial at `dial` K, in as many equal parts as the thinnest piece needs: a leaf
 * answers the air within seconds, and a step much longer than that would dry it out before it is warm.
 */
export function stepRun(run: CookRun, plan: Pick<Plan, 'fryer'>, dial: number, open: boolean, duration: number): void {
  let longest = Infinity;
  for (const group of run.groups) if (group.joined && group.longestStep < longest) longest = group.longestStep;
  const parts = Math.max(1, Math.ceil(duration / longest));
  for (let n = 0; n < parts; n++) movePart(run, plan, dial, open, duration / parts);
}

function movePart(run: CookRun, plan: Pick<Plan, 'fryer'>, dial: number, open: boolean, duration: number): void {
  const { bed, memory, cavity } = run;
  const response = steamResponse(run, plan);
  const kept = streamMemory(run, plan, response);
  predictHumidity(cavity, plan.fryer, response, open, duration);
  for (const group of run.groups) if (group.joined) stackGroup(bed, group);
  run.step[0] = duration;
  let heat = 0;
  let steam = 0;
  for (const group of run.groups) {
    if (!group.joined) continue;
    const { state, area, first } = group;
    surroundPieces(group, bed, memory, cavity, plan.fryer, open);
    stepPieces(state, run.step);
    for (let p = 0; p < state.count; p++) {
      const own = first + p;
      if (bed.inBasket[own] === 0) {
        memory.heat[own] = 0;
        memory.steam[own] = 0;
        continue;
      }
      const pieceHeat = ((state.heatTaken[2 * p]! + state.heatTaken[2 * p + 1]!) * area[p]!) / duration;
      const pieceSteam = (state.evaporated[p]! * area[p]!) / duration;
      memory.heat[own] = kept * memory.heat[own]! + (1 - kept) * pieceHeat;
      memory.steam[own] = kept * memory.steam[own]! + (1 - kept) * pieceSteam;
      heat += pieceHeat;
      steam += pieceSteam;
      group.steamed += pieceSteam * duration;
    }
  }
  stepCavity(cavity, plan.fryer, dial, heat, steam, open, duration);
  run.energySinceSample += cavity.power * duration;
}

/** Layers that each piece of a group stands for now: as it loses water it shrinks. */
function stackGroup(bed: BedState, group: LoadedGroup): void {
  const { count } = group.state;
  const lost = group.steamed / group.waterAtStart;
  const height = (group.layersFresh / count) * (1 - group.part.food.shrinkage * lost);
  for (let p = group.first; p < group.first + count; p++) bed.height[p] = height;
}

/** Share of the pieces in the basket that a cook pulls who takes the darkest or the palest. Source: product definition, a third. */
const PULLED_THIRD = 1 / 3;

/** Takes pieces out of the basket: those that are right, or the darkest or palest third; they lie on a rack from then on. */
export function pullSome(run: CookRun, which: Pulled): void {
  if (which === 'right') {
    for (const group of run.groups) {
      if (!group.joined) continue;
      rightPieces(group.state, group.part).forEach((right, p) => {
        if (right) run.bed.inBasket[group.first + p] = 0;
      });
    }
    return;
  }
  const inside: { own: number; browning: number }[] = [];
  for (const { joined, state, first } of run.groups) {
    if (!joined) continue;
    const faces = new Float64Array(2 * state.count);
    visibleBrowning(state, faces, 0);
    for (let p = 0; p < state.count; p++) {
      if (run.bed.inBasket[first + p] === 1)
        inside.push({ own: first + p, browning: faces[2 * p]! + faces[2 * p + 1]! });
    }
  }
  inside.sort((a, b) => (which === 'darkest' ? b.browning - a.browning : a.browning - b.browning));
  for (const { own } of inside.slice(0, Math.round(inside.length * PULLED_THIRD))) run.bed.inBasket[own] = 0;
}

/** Strews salt and spice over what is in the basket, kg, by its surface. */
export function seasonAgain(run: CookRun, mass: number): void {
  const surface = surfaceInside(run);
  if (surface === 0) return;
  for (const { joined, state, first } of run.groups) {
    if (!joined) continue;
    for (let f = 0; f < 2 * state.count; f++) {
      if (run.bed.inBasket[first + (f >> 1)] === 1) state.seasoning[f] = state.seasoning[f]! + mass / surface;
    }
  }
}

/** m² of all faces in the basket. */
function surfaceInside({ groups, bed }: CookRun): number {
  let surface = 0;
  for (const { joined, area, first } of groups) {
    if (joined) area.forEach((own, p) => (surface += bed.inBasket[first + p] === 1 ? 2 * own : 0));
  }
  return surface;
}

/** Puts the next part that waits on top of what is in the basket. */
export function addNext(run: CookRun): void {
  const group = run.groups.find((one) => !one.joined);
  if (!group) return;
  group.joined = true;
  run.bed.inBasket.fill(1, group.first, group.first + group.state.count);
  layOnTop(run.bed, group.first, group.state.count);
}

/** Oils what is in the basket once more, by its surface; the browning factor follows the film. Returns kg that drip off. */
export function oilAgain(run: CookRun, mass: number): number {
  const { bed } = run;
  const inside = run.groups.filter((group) => group.joined);
  const isIn = (group: LoadedGroup, p: number) => bed.inBasket[group.first + p] === 1;
  const surface = surfaceInside(run);
  if (surface === 0) return mass;
  let dripped = 0;
  for (const group of inside) {
    const { oil, browningFactor } = group.state;
    for (let f = 0; f < oil.length; f++) {
      if (!isIn(group, f >> 1)) continue;
      const before = oil[f]!;
      const after = Math.min(HELD_OIL, before + mass / surface);
      browningFactor[f] = (browningFactor[f]! * oilFactor(after)) / oilFactor(before);
      oil[f] = after;
      dripped += (before + mass / surface - after) * group.area[f >> 1]!;
    }
  }
  return dripped;
}

/** kg that a scale would show of the food in the basket. */
export function basketWeight(run: CookRun): number {
  let weight = 0;
  for (const group of run.groups) {
    if (!group.joined) continue;
    weight += weightOf(stockOf(group.state, group.area, (p) => run.bed.inBasket[group.first + p] === 1));
  }
  return weight;
}

/** m² of cut surface in the basket, and beside it. */
function joinedSurface(run: CookRun): number {
  let surface = 0;
  for (const group of run.groups) if (group.joined) surface += group.surface;
  return surface;
}

/**
 * Share of the stream's last heat and steam kept for the next step. Leaves and thin chips offer the stream so much surface
 * that they answer it by more than it carries, and then warm and wet each other in turns; with a gain of g a share of
 * g/(1 + g) settles at once.
 */
function streamMemory(run: CookRun, plan: Pick<Plan, 'fryer'>, response: number): number {
  const { airFlow, heatTransferCoefficient } = plan.fryer;
  const byHeat = (heatTransferCoefficient * joinedSurface(run)) / (airFlow * AIR_SPECIFIC_HEAT);
  const gain = Math.max(byHeat, (2 * response) / airFlow);
  return Math.max(LEAST_MEMORY, gain / (1 + gain));
}

/** Steam less per unit of humidity ratio, kg/s, were all cut surface wet: hm · A · P/(Rv·T) / (0.622 + w). */
function steamResponse(run: CookRun, plan: Pick<Plan, 'fryer'>): number {
  const massTransfer = (plan.fryer.heatTransferCoefficient * FILM_TEMPERATURE) / HEAT_TO_MASS_TRANSFER;
  const density = ATMOSPHERIC_PRESSURE / (VAPOUR_GAS_CONSTANT * FILM_TEMPERATURE);
  return (massTransfer * joinedSurface(run) * density * 0.5) / (0.622 + run.cavity.humidityMet);
}
