import { pieceGeometry } from '../cut/piece-geometry';
import { createPieceState } from '../piece/piece-state';
import { COOKED_THROUGH } from '../piece/judge-piece';
import { tissueOf } from '../piece/tissue';
import type { BatchPart, ParcookMethod } from '../plan/plan';
import { type Preparation, prepareBatch } from './prepare-batch';

/** Cells of the one piece looked at. */
const CELLS = 15;

/** Longest par-cooking looked at, s, and how close the answer is. */
const LONGEST = 2400;
const CLOSE = 15;

/** How one piece of mean thickness comes out of its preparation. Cost: below a millisecond but for long par-cooking. */
export function prepareOne(part: BatchPart): Preparation {
  const state = createPieceState([pieceGeometry(part.cut)], CELLS, tissueOf(part.food), part.startTemperature);
  return prepareBatch(state, part, 1);
}

/**
 * How long a method takes until a fork meets a piece that just holds: the heart has half of its softness, s. Bisection.
 * Null when that is longer than 40 min.
 */
export function justHolds(part: BatchPart, method: ParcookMethod, waterTemperature: number): number | null {
  const softness = (duration: number) =>
    prepareOne({ ...part, preparation: [{ step: 'parcook', method, duration, waterTemperature }] }).coreSoftness;
  if (softness(LONGEST) < COOKED_THROUGH) return null;
  let [short, long] = [0, LONGEST];
  while (long - short > CLOSE) {
    const middle = (short + long) / 2;
    if (softness(middle) < COOKED_THROUGH) short = middle;
    else long = middle;
  }
  return (short + long) / 2;
}
