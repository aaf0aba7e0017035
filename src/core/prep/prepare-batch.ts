import { batchYield } from '../cut/batch-yield';
import type { PieceState } from '../engine/piece-state';
import type { Plan } from '../plan/plan';
import { airPieces } from './air-pieces';
import { HELD_OIL, maillardFactor, oilFactor } from './browning-factor';
import { BATTER_BROWNING, BATTER_MOISTURE, DREDGED, dustPowder, layCoat } from './coat';
import { parcookPiece } from './parcook';
import { soakPiece } from './soak';
import { CUT_JUICE, DRYING_TIME, FILM_AFTER, MARINADE_FILM } from './water-film';

/** Depth over which sugar takes part in browning, m. Source: assumed, the later crust. */
const BROWNING_DEPTH = 0.5e-3;

/** Share of the surface sugar that one change of rinsing water takes. Source: assumed, cut cells only. */
const RINSED_PER_CHANGE = 0.03;

/** Water that pressing can take, and its time constant, s; what thawed tofu gives off besides. Source: assumed, 15–20 % of the water of firm tofu in half an hour. */
const PRESSED_MOST = 0.2;
const PRESS_TIME = 1200;
const THAWED_SHARE = 0.12;

/** Sugar and soy of a marinade on the skin. Source: assumed. */
const MARINATED_BROWNING = 1.35;

/** Pieces warmer than this, K, cool and steam while they are dried by hand. */
const STEAMING = 308;

/** What preparation left on the pieces. */
export interface Preparation {
  /** kg/m² of oil that stays */
  readonly oilFilm: number;
  /** kg of oil that drips off */
  readonly oilDripping: number;
  /** share of the raw sugar left near the surface, mean of the pieces */
  readonly sugarLeft: number;
}

/** Carries the raw pieces of `state` through the plan's preparation, in the order given, and returns what is left on them. */
export function prepareBatch(state: PieceState, plan: Plan): Preparation {
  const { count, cells } = state;
  const surface = batchYield(plan.food, plan.cut, plan.mass).surface;
  const sugar = new Float64Array(count * cells).fill(1);
  state.film.fill(CUT_JUICE);
  let oilMass = 0;
  let skinBrowning = 1;
  for (const step of plan.preparation) {
    switch (step.step) {
      case 'rinse':
        state.film.fill(FILM_AFTER.drain);
        rinseSkins(state, sugar, step.changes);
        break;
      case 'soak':
      case 'brine':
        state.film.fill(FILM_AFTER.drain);
        for (let p = 0; p < count; p++) {
          soakPiece(state, p, plan.food, sugar, step.step === 'soak' ? step.waterTemperature : 283.15, step.duration);
        }
        break;
      case 'parcook':
        for (let p = 0; p < count; p++) parcookPiece(state, p, plan.food, sugar, step, plan.mass);
        settleSkins(state);
        if (step.method !== 'microwave') state.film.fill(FILM_AFTER.drain);
        break;
      case 'press':
        takeWater(state, PRESSED_MOST * (1 - Math.exp(-step.duration / PRESS_TIME)));
        break;
      case 'freeze-thaw':
        takeWater(state, THAWED_SHARE);
        break;
      case 'marinate':
        state.film.fill(MARINADE_FILM);
        skinBrowning *= MARINATED_BROWNING;
        break;
      case 'dry':
        dryPieces(state, step.method, step.duration);
        break;
      case 'oil':
        oilMass += step.mass;
        break;
      case 'starch':
        dustPowder(state, step.mass / surface);
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
      case 'season':
        break;
    }
  }
  const oilFilm = Math.min(HELD_OIL, oilMass / surface);
  const sugarLeft = setBrowning(state, plan, sugar, skinBrowning * oilFactor(oilFilm));
  return { oilFilm, oilDripping: Math.max(0, oilMass - oilFilm * surface), sugarLeft };
}

/** Browning factor of every face from the sugar left in it; returns the mean share left. */
function setBrowning(state: PieceState, plan: Plan, sugar: Float64Array, skin: number): number {
  let left = 0;
  for (let f = 0; f < 2 * state.count; f++) {
    const share = sugarNearFace(state, f >> 1, f & 1, sugar);
    left += share / (2 * state.count);
    state.browningFactor[f] =
      plan.browningScale * skin * maillardFactor(plan.food.reducingSugar * share, plan.food.composition.protein);
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

/** Mean share of sugar within the browning depth of one face. */
function sugarNearFace(state: PieceState, p: number, side: number, sugar: Float64Array): number {
  const { cells, halfWidth } = state;
  let depth = 0;
  let sum = 0;
  for (let i = 0; i < cells && depth < BROWNING_DEPTH; i++) {
    const at = p * cells + (side === 0 ? i : cells - 1 - i);
    const width = Math.min(2 * halfWidth[at]!, BROWNING_DEPTH - depth);
    sum += width * sugar[at]!;
    depth += width;
  }
  return sum / depth;
}
