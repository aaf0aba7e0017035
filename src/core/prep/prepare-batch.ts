import { batchYield } from '../cut/batch-yield';
import type { PieceState } from '../engine/piece-state';
import type { Plan } from '../plan/plan';
import { HELD_OIL, maillardFactor, oilFactor } from './browning-factor';
import { soakPiece } from './soak';
import { CUT_JUICE, FILM_AFTER } from './water-film';

/** Depth over which sugar takes part in browning, m. Source: assumed, the later crust. */
const BROWNING_DEPTH = 0.5e-3;

/** Share of the surface sugar that one change of rinsing water takes. Source: assumed, cut cells only. */
const RINSED_PER_CHANGE = 0.03;

/** What preparation left on the pieces. */
export interface Preparation {
  /** kg/m² of water on the cut surface */
  readonly waterFilm: number;
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
  let waterFilm = CUT_JUICE;
  let oilMass = 0;
  for (const step of plan.preparation) {
    switch (step.step) {
      case 'rinse':
        waterFilm = FILM_AFTER.drain;
        rinseSkins(state, sugar, step.changes);
        break;
      case 'soak':
        waterFilm = FILM_AFTER.drain;
        for (let p = 0; p < count; p++) soakPiece(state, p, plan.food, sugar, step.waterTemperature, step.duration);
        break;
      case 'dry':
        waterFilm = Math.min(waterFilm, FILM_AFTER[step.method]);
        break;
      case 'oil':
        oilMass += step.mass;
        break;
    }
  }
  const oilFilm = Math.min(HELD_OIL, oilMass / surface);
  let left = 0;
  for (let p = 0; p < count; p++) {
    for (let side = 0; side < 2; side++) {
      const share = sugarNearFace(state, p, side, sugar);
      left += share / (2 * count);
      state.browningFactor[2 * p + side] =
        plan.browningScale *
        maillardFactor(plan.food.reducingSugar * share, plan.food.composition.protein) *
        oilFactor(oilFilm);
      state.film[2 * p + side] = waterFilm;
    }
  }
  return { waterFilm, oilFilm, oilDripping: Math.max(0, oilMass - oilFilm * surface), sugarLeft: left };
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
