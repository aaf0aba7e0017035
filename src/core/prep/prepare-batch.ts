import { cutSlenderness } from '../cut/piece-geometry';
import type { PieceState } from '../piece/piece-state';
import type { BatchPart, EarlierCook } from '../plan/plan';
import { brokenShare, handlingOf } from './breakage';
import type { InHand } from './in-hand';
import type { Flow } from './ledger';
import { applyStep } from './apply-step';
import { dressWithOwnCoat } from './coat-pieces';
import { drawWater } from './season';
import { type Skin, setBrowning, softnessOf, meanNearFaces } from './skin';
import { CUT_JUICE } from './water-film';

/** What preparation left on the pieces. */
export interface Preparation extends Skin {
  /** kg/m² of oil that stays, mean of the faces */
  readonly oilFilm: number;
  /** kg/m² of water that lies on them, mean of the faces */
  readonly waterFilm: number;
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
  /** kg that came onto the pieces or left them, step by step */
  readonly flows: readonly Flow[];
  /** s that each cook before the last took, in order */
  readonly cooked: readonly number[];
}

/** Pieces ready for the fryer, and what is left on them. */
export interface PreparedPieces {
  readonly state: PieceState;
  readonly prepared: Preparation;
  /** the part as it goes in: cut or pressed on the way */
  readonly part: BatchPart;
  /** m² of one face that each sample piece stands for */
  readonly area: Float64Array;
}

/** Cooks pieces in hand in a cook before the last; returns how long it took, s. */
export type CookInHand = (hand: InHand, step: EarlierCook) => number;

/**
 * Carries raw pieces through the preparation of their part, in the order given. Every gram that crosses their surface is
 * entered in `flows`. Returns the pieces, which have more cells where they were coated, and what is left on them.
 * @param area m² of one face that each sample piece stands for @param browningScale of the kitchen, on every face
 * @param cook the fryer, for cooks before the last
 */
export function prepareBatch(
  raw: PieceState,
  part: BatchPart,
  area: Float64Array,
  browningScale: number,
  cook: CookInHand,
): PreparedPieces {
  const hand: InHand = {
    state: raw,
    part,
    area,
    surface: 2 * area.reduce((sum, one) => sum + one, 0),
    step: -1,
    skinBrowning: 1,
    whole: 1,
    looseStarch: 1,
    coat: null,
    oilMissed: 0,
    flows: [],
    cooked: [],
  };
  drawWater(hand, CUT_JUICE);
  dressWithOwnCoat(hand);
  part.preparation.forEach((step, index) => {
    hand.step = index;
    hand.whole *= 1 - brokenShare(softnessOf(hand), handlingOf(step), cutSlenderness(hand.part.cut));
    if (step.step !== 'cook') return applyStep(hand, step);
    setBrowning(hand, browningScale);
    hand.cooked.push(cook(hand, step));
  });
  const prepared = conclude(hand, browningScale);
  return { state: hand.state, prepared, part: hand.part, area: hand.area };
}

function conclude(hand: InHand, browningScale: number): Preparation {
  const { state, flows } = hand;
  const dripped = flows.reduce((sum, { name, mass }) => (name === 'oil-dripped' ? sum - mass : sum), 0);
  return {
    ...setBrowning(hand, browningScale),
    oilFilm: state.oil.reduce((sum, oil) => sum + oil, 0) / state.oil.length,
    waterFilm: state.film.reduce((sum, film) => sum + film, 0) / state.film.length,
    oilDripping: dripped,
    oilMissed: hand.oilMissed,
    coreSoftness: softnessOf(hand),
    gelatinisedSkin: meanNearFaces(state, state.gelatinised),
    breakage: 1 - hand.whole,
    flows,
    cooked: hand.cooked,
  };
}
