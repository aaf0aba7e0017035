import type { Beginnings } from '../batch/beginnings';
import { type Resolution, STANDARD_RESOLUTION } from '../batch/resolution';
import { forecastLoads } from '../forecast/forecast-loads';
import type { LoadShare } from '../plan/load-share';
import type { Plan } from '../plan/plan';

/** What a plan costs and gives. */
export interface Score {
  /** s from the switch of the fryer to the last pull: preheat, all loads, emptying and filling between them */
  readonly time: number;
  /** share of pieces right when pulled, 0–1 */
  readonly evenness: number;
  /** openings of the drawer over all batches */
  readonly attention: number;
}

/** What a plan costs and gives in these loads, and whether all of them are done within its stages. @param beginnings see `forecastLoads` */
export function scoreOf(
  plan: Plan,
  order: readonly LoadShare[],
  seed: number,
  resolution: Resolution = STANDARD_RESOLUTION,
  beginnings?: Beginnings,
) {
  const { time, evenness, inTime } = forecastLoads(plan, order, seed, resolution, beginnings);
  const attention = order.length * plan.events.length + (order.length - 1);
  return { score: { time: (plan.preheat?.duration ?? 0) + time, evenness, attention }, inTime };
}
