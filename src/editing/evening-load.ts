import { EMPTYING, FILLING } from '../core/evening/fried-ways';
import { HOT_ENOUGH } from '../core/evening/forecast-dish';
import type { EveningRun } from '../core/evening/evening-run';
import type { PlanFile } from '../schemas/plan-file';
import { withChosenOpenings } from './edit-cook';
import type { ChosenOpening } from './openings-for';
import { earlierLoad, type LoadTimes, warmFryer } from './warm-fryer';

/** One load of a dish as the evening's order has it. */
export interface EveningLoad {
  readonly step: string;
  readonly fryer: string;
  /** its dish's plan in that fryer */
  readonly plan: PlanFile;
  readonly openings: readonly ChosenOpening[];
  /** ms since 1970 at which the step begins, and s that it takes, as the order has it */
  readonly begin: number;
  readonly length: number;
}

/** When a load's pieces were in the fryer: as it was told, else as the order has it. */
export function timesOf({ step, begin, length }: EveningLoad, { steps }: Pick<EveningRun, 'steps'>): LoadTimes {
  const run = steps.get(step);
  const loadedAt = (run?.begun ?? begin) + FILLING * 1000;
  const asPlanned = (run?.begun ?? begin) + (length - EMPTYING) * 1000;
  return { loadedAt, doneAt: run?.done ?? null, dueAt: Math.max(loadedAt, run?.due ?? asPlanned) };
}

/**
 * The plan as which a load of an evening is cooked: that load of its dish, in a hot fryer, or as the load before left it.
 * @param loads all loads of the dish in order @param at which of them
 * Cost: one cook where a load went before it in the same fryer.
 */
export function planOfLoad(loads: readonly EveningLoad[], at: number, run: Pick<EveningRun, 'steps'>): PlanFile {
  const { plan, openings, fryer } = loads[at]!;
  const opened = plan.cook.openings === 'chosen' ? withChosenOpenings(plan, openings) : plan;
  const { temperature_c } = plan.cook.stages[0]!;
  const hot: PlanFile = {
    ...opened,
    fryer: { ...plan.fryer, preheat: plan.fryer.preheat ?? { minutes: HOT_ENOUGH / 60, temperature_c } },
  };
  const numbered = (n: number, own: PlanFile): PlanFile => {
    const earlier = loads.slice(0, n).map((load) => earlierLoad(timesOf(load, run)));
    return { ...own, loads: { ...own.loads, current: n + 1, ...(n > 0 ? { earlier } : {}) } };
  };
  const before = loads.slice(0, at).findLastIndex((load) => load.fryer === fryer);
  if (before < 0) return numbered(at, hot);
  /* what it left is reckoned from a hot start, as the order does */
  return numbered(at, { ...hot, fryer: warmFryer(numbered(before, hot), timesOf(loads[before]!, run)) });
}
