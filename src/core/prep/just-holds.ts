import { pieceGeometry } from '../cut/piece-geometry';
import { batchYield } from '../cut/batch-yield';
import { rawPieces } from '../piece/raw-pieces';
import { COOKED_THROUGH } from '../piece/judge-piece';
import type { BatchPart, ParcookMethod } from '../plan/plan';
import { type PreparedPieces, prepareBatch } from './prepare-batch';

/** Cells of the one piece looked at. Source: numerics. */
const CELLS = 15;

/** Longest par-cooking looked at, s, and how close the answer is. Source: chosen. */
const LONGEST = 2400;
const CLOSE = 15;

/** One piece of mean thickness as it comes out of its preparation, cooks before the last left out. Cost: below a millisecond but for long par-cooking. @param cells odd */
export function preparedPiece(part: BatchPart, cells = CELLS): PreparedPieces {
  const area = Float64Array.of(batchYield(part.food, part.cut, part.mass).surface / 2);
  return prepareBatch(rawPieces(part, [pieceGeometry(part.cut)], cells), part, area, 1, () => 0);
}

/**
 * How long a method takes until a fork meets a piece that just holds: the heart has half of its softness, s. Bisection.
 * Null when that is longer than 40 min.
 */
export function justHolds(part: BatchPart, method: ParcookMethod, waterTemperature: number): number | null {
  const softness = (duration: number) =>
    preparedPiece({ ...part, preparation: [{ step: 'parcook', method, duration, waterTemperature }] }).prepared
      .coreSoftness;
  if (softness(LONGEST) < COOKED_THROUGH) return null;
  let [short, long] = [0, LONGEST];
  while (long - short > CLOSE) {
    const middle = (short + long) / 2;
    if (softness(middle) < COOKED_THROUGH) short = middle;
    else long = middle;
  }
  return (short + long) / 2;
}
