import { type Appetite, type CuttingStyle, type ProduceYield, yieldOfOne } from '@/core/cut/produce-yield';
import { type Produce, produceOf } from '@/core/cut/produce';
import type { Plan } from '@/core/plan/plan';

/** Where the amount comes from. */
export type BoardSource = 'grams' | 'board' | 'people';

/** What the cook has told of the produce; the plan itself only keeps the grams of pieces. */
export interface Board {
  readonly source: BoardSource;
  readonly people: number;
  readonly appetite: Appetite;
  readonly count: number;
  /** mm; null for the food's usual size */
  readonly lengthMm: number | null;
  readonly diameterMm: number | null;
  readonly style: CuttingStyle;
}

export const FIRST_BOARD: Board = {
  source: 'grams',
  people: 2,
  appetite: 'usual',
  count: 3,
  lengthMm: null,
  diameterMm: null,
  style: { squaredOff: false, skinOn: false },
};

/** The produce on the board, of the size told or the usual one. */
export function produceOnBoard(board: Board, foodId: string): Produce {
  const usual = produceOf(foodId);
  return {
    ...usual,
    length: board.lengthMm === null ? usual.length : board.lengthMm / 1000,
    diameter: board.diameterMm === null ? usual.diameter : board.diameterMm / 1000,
  };
}

/** What one of them gives in the plan's cut. */
export function yieldOnBoard(board: Board, plan: Plan): ProduceYield {
  return yieldOfOne(produceOnBoard(board, plan.food.id), plan.cut, board.style, plan.food.density);
}
