import type { IsKnown } from '../batch/simulate-cook';
import type { Plan } from '../plan/plan';
import { NEAR_BEST, NOTHING_RIGHT, WINDOW_SHARE } from './best-moment';
import { judgesOf, judgeSample } from './shares';

/** Samples between two looks. Source: chosen; fewer looks, at most one sample more. */
const LOOK_EVERY = 2;

/** Room for rounding in sums of sixteenths. Source: numerics. */
const ROUNDING = 1e-6;

/**
 * Watches a cook until nothing later can change its moment to pull, its window or its best: pieces that are too dark stay so, so
 * that never more can be right than are not too dark yet; once those are fewer than the window and the best ask for, all is known.
 * @param scales brownings, of foods that brown so many times as fast, for all of which it must be known
 */
export function watchMoment(plan: Plan, scales: readonly number[] = [1]): IsKnown {
  const wishes = judgesOf(plan);
  /* some soft and some dark on purpose: what is too dark counts there; what was too hard may give again */
  if (plan.target.spread === 'mixed' || wishes.some(({ mostCrispness }) => Number.isFinite(mostCrispness))) {
    return () => false;
  }
  const best = new Float64Array(scales.length);
  const known = scales.map(() => false);
  const row = new Float64Array(4);
  return (record, sample) => {
    const looks = sample % LOOK_EVERY === 0;
    let all = true;
    for (const [i, scale] of scales.entries()) {
      if (known[i]) continue;
      if (!looks) return false;
      row.fill(0);
      judgeSample(record, wishes, sample, scale, row, 0);
      best[i] = Math.max(best[i]!, row[1]!);
      const most = 1 - row[2]! - row[3]!;
      const needed = Math.min(WINDOW_SHARE, (1 - NEAR_BEST) * best[i]!) - ROUNDING;
      known[i] = best[i]! > 2 * NOTHING_RIGHT && most < needed;
      all &&= known[i]!;
    }
    return all;
  };
}
