import { batchYield } from '../cut/batch-yield';
import { cutSlenderness } from '../cut/piece-geometry';
import type { PieceState } from '../piece/piece-state';
import type { BatchPart, PreparationStep } from '../plan/plan';
import { airPieces } from './air-pieces';
import { brokenShare, HANDLING } from './breakage';
import { HELD_OIL, maillardFactor, oilFactor } from './browning-factor';
import { BATTER_BROWNING, BATTER_MOISTURE, DREDGED, dustPowder, layCoat } from './coat';
import { OILING } from './oiling';
import { parcookPiece } from './parcook';
import { drawBySalt, SPICED_BROWNING } from './season';
import { soakPiece } from './soak';
import { CUT_JUICE, DRYING_TIME, FILM_AFTER, MARINADE_FILM } from './water-film';

/** Depth over which sugar takes part in browning, m. Source: assumed, the later crust. */
const BROWNING_DEPTH = 0.5e-3;

/** Share of the surface sugar that one change of rinsing water takes. Source: assumed, cut cells only. */
const RINSED_PER_CHANGE = 0.03;

/** Water that pressing can take, and its time constant, s; what thawed tofu gives off besides. Source: assumed, 15–20 % of the water of firm tofu in half an hour. */
const PRESSED_MOST = 0.2;
const PRESS_TIME = 1200;
export const THAWED_SHARE = 0.12;

/** Share of its water that a block gives off under a weight for `duration` s. */
export function pressedShare(duration: number): number {
  return PRESSED_MOST * (1 - Math.exp(-duration / PRESS_TIME));
}

/** What sugar and soy of a marinade add to browning in the end, and how fast they go in, s. Source: assumed. */
const MARINATED_BROWNING = 0.35;
const MARINADE_TIME = 1200;

/** Pieces warmer than this, K, cool and steam while they are dried by hand. */
const STEAMING = 308;

/** What preparation left on the pieces. */
export interface Preparation {
  /** kg/m² of oil that stays */
  readonly oilFilm: number;
  /** kg of oil that drips off */
  readonly oilDripping: number;
  /** kg of oil that never reached the food: on the bowl, in the air */
  readonly oilMissed: number;
  /** share of the softening needed at the heart before the fryer, 0–1, mean of the pieces */
  readonly coreSoftness: number;
  /** share of gelatinised starch in the outermost half millimetre, 0–1, mean */
  readonly gelatinisedSkin: number;
  /** share of the pieces that hands and cloth are likely to break, 0–1 */
  readonly breakage: number;
  /** share of the raw sugar left near the surface, mean of the pieces */
  readonly sugarLeft: number;
}

/**
 * Carries the raw pieces of `state` through their preparation, in the order given, and returns what is left on them.
 * @param browningScale of the kitchen, on every face
 */
export function prepareBatch(state: PieceState, part: BatchPart, browningScale: number): Preparation {
  const { count, cells } = state;
  const surface = batchYield(part.food, part.cut, part.mass).surface;
  const sugar = new Float64Array(count * cells).fill(1);
  state.film.fill(CUT_JUICE);
  const slenderness = cutSlenderness(part.cut);
  const oil = [0, 0] as [number, number];
  let oilMass = 0;
  let oilMissed = 0;
  let skinBrowning = 1;
  let whole = 1;
  for (const step of part.preparation) {
    whole *= 1 - brokenShare(softnessOf(state, part), handlingOf(step), slenderness);
    switch (step.step) {
      case 'rinse':
        state.film.fill(FILM_AFTER.drain);
        rinseSkins(state, sugar, step.changes);
        break;
      case 'soak':
      case 'brine':
        state.film.fill(FILM_AFTER.drain);
        for (let p = 0; p < count; p++) {
          soakPiece(state, p, part.food, sugar, step.step === 'soak' ? step.waterTemperature : 283.15, step.duration);
        }
        break;
      case 'parcook':
        for (let p = 0; p < count; p++) parcookPiece(state, p, part.food, sugar, step, part.mass);
        settleSkins(state);
        if (step.method !== 'microwave') state.film.fill(FILM_AFTER.drain);
        break;
      case 'press':
        takeWater(state, pressedShare(step.duration));
        break;
      case 'freeze-thaw':
        takeWater(state, THAWED_SHARE);
        break;
      case 'marinate':
        state.film.fill(MARINADE_FILM);
        skinBrowning *= 1 + MARINATED_BROWNING * (1 - Math.exp(-step.duration / MARINADE_TIME));
        break;
      case 'dry':
        dryPieces(state, step.method, step.duration);
        break;
      case 'oil':
        oilMass += step.mass;
        oilMissed += step.mass * (1 - OILING[step.method].landed);
        OILING[step.method].faces.forEach(
          (share, side) => (oil[side]! += (share * OILING[step.method].landed * step.mass) / surface),
        );
        break;
      case 'starch':
        dustPowder(state, step.mass / surface, oilMass > 0);
        break;
      case 'dredge':
        layCoat(state, { ...DREDGED, solids: DREDGED.solids * (step.layers === 2 ? 5 / 3 : 1) });
        state.film.fill(0);
        skinBrowning *= DREDGED.browning;
        break;
      case 'batter':
        layCoat(state, {
          solids: step.mass / surface / (1 + BATTER_MOISTURE),
          moisture: BATTER_MOISTURE,
          browning: BATTER_BROWNING,
        });
        state.film.fill(0);
        skinBrowning *= BATTER_BROWNING;
        break;
      case 'season': {
        drawBySalt(state, (step.mass * step.saltShare) / surface);
        skinBrowning *= 1 + SPICED_BROWNING * (1 - Math.exp((-step.mass * (1 - step.saltShare)) / surface / 0.01));
        break;
      }
    }
  }
  const films = oil.map((film) => Math.min(HELD_OIL, film));
  const oilFilm = (films[0]! + films[1]!) / 2;
  const sugarLeft = setBrowning(
    state,
    part,
    sugar,
    films.map((film) => browningScale * skinBrowning * oilFactor(film)),
  );
  return {
    oilFilm,
    oilDripping: Math.max(0, oilMass - oilMissed - oilFilm * surface),
    oilMissed,
    sugarLeft,
    coreSoftness: softnessOf(state, part),
    gelatinisedSkin: meanNearFaces(state, state.gelatinised),
    breakage: 1 - whole,
  };
}

/** How roughly a step handles the pieces. */
function handlingOf(step: PreparationStep): number {
  return step.step === 'dry'
    ? HANDLING[step.method]
    : step.step === 'oil'
      ? HANDLING[step.method]
      : HANDLING[step.step];
}

/** Share of the softening needed at the heart, 0–1, mean of the pieces. */
function softnessOf(state: PieceState, part: BatchPart): number {
  const middle = (state.cells - 1) / 2;
  let sum = 0;
  for (let p = 0; p < state.count; p++) {
    sum += Math.min(1, state.softening[p * state.cells + middle]! / part.food.softeningDose);
  }
  return sum / state.count;
}

/** Mean over all faces of what lies within the browning depth. */
function meanNearFaces(state: PieceState, field: Float64Array): number {
  let sum = 0;
  for (let f = 0; f < 2 * state.count; f++) sum += shareNearFace(state, f >> 1, f & 1, field);
  return sum / (2 * state.count);
}

/** Browning factor of every face from the sugar left in it and what lies on that side; returns the mean share left. */
function setBrowning(state: PieceState, part: BatchPart, sugar: Float64Array, skins: readonly number[]): number {
  const solids = 1 - part.food.composition.water;
  const protein = part.food.composition.protein / solids;
  let left = 0;
  for (let f = 0; f < 2 * state.count; f++) {
    const share = shareNearFace(state, f >> 1, f & 1, sugar);
    left += share / (2 * state.count);
    state.browningFactor[f] = skins[f & 1]! * maillardFactor((part.reducingSugar * share) / solids, protein);
  }
  return left;
}

function dryPieces(state: PieceState, method: keyof typeof FILM_AFTER, duration: number | null): void {
  const film = FILM_AFTER[method];
  for (let f = 0; f < state.film.length; f++) state.film[f] = Math.min(state.film[f]!, film);
  const isOpenAir = method === 'air' || method === 'steam-dry';
  if (isOpenAir || meanTemperature(state) > STEAMING) airPieces(state, duration ?? DRYING_TIME[method]);
}

function meanTemperature(state: PieceState): number {
  return state.temperature.reduce((sum, temperature) => sum + temperature, 0) / state.temperature.length;
}

function settleSkins(state: PieceState): void {
  for (let p = 0; p < state.count; p++) {
    state.skinTemperature[2 * p] = state.temperature[p * state.cells]!;
    state.skinTemperature[2 * p + 1] = state.temperature[(p + 1) * state.cells - 1]!;
  }
}

function takeWater(state: PieceState, share: number): void {
  for (let i = 0; i < state.moisture.length; i++) state.moisture[i] = state.moisture[i]! * (1 - share);
}

function rinseSkins(state: PieceState, sugar: Float64Array, changes: number): void {
  const kept = (1 - RINSED_PER_CHANGE) ** changes;
  for (let p = 0; p < state.count; p++) {
    sugar[p * state.cells]! *= kept;
    sugar[(p + 1) * state.cells - 1]! *= kept;
  }
}

/** Mean of a field of shares within the browning depth of one face. */
function shareNearFace(state: PieceState, p: number, side: number, field: Float64Array): number {
  const { cells, halfWidth } = state;
  let depth = 0;
  let sum = 0;
  for (let i = 0; i < cells && depth < BROWNING_DEPTH; i++) {
    const at = p * cells + (side === 0 ? i : cells - 1 - i);
    const width = Math.min(2 * halfWidth[at]!, BROWNING_DEPTH - depth);
    sum += width * field[at]!;
    depth += width;
  }
  return sum / depth;
}
