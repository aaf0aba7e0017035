import type { CookLooks } from '../../core/batch/record-statistics';
import type { Plan } from '../../core/plan/plan';

/** Volume that is never shrunk away. Source: chosen; a leaf still has a size. */
const LEAST = 0.2;

/** Size of a piece over that when raw, all round: what has boiled off has shrunk it. */
export function shrinkage(
  { food }: Pick<Plan, 'food'>,
  { waterLost }: Pick<CookLooks, 'waterLost'>,
  sample: number,
): number {
  return Math.cbrt(Math.max(LEAST, 1 - food.shrinkage * (waterLost[sample] ?? 0)));
}
