import { dishOf } from '@/core/evening/evening-run';
import type { EveningLoad } from '@/editing/evening-load';
import { fryerResource } from '@/editing/evening-problem';
import type { EveningFile } from '@/schemas/evening-file';
import type { PlanFile } from '@/schemas/plan-file';
import type { EveningView, ShownSchedule } from '@/workers/evening/protocol';

/** The loads of the dish that a step is one of, in order, each in its fryer; empty for what is no load of a plan. */
export function loadsOfDish(
  step: string,
  evening: Pick<EveningFile, 'fryers'>,
  shown: Pick<ShownSchedule, 'steps' | 'serveAt'>,
  plans: Readonly<Record<string, readonly PlanFile[]>>,
  pictures: EveningView['pictures'],
): EveningLoad[] {
  const dish = dishOf(step);
  const loads = shown.steps.filter((one) => one.dish === dish && one.kind === 'load');
  return loads
    .toSorted((a, b) => a.id.localeCompare(b.id, 'en', { numeric: true }))
    .flatMap(({ id, begin, length, uses }): EveningLoad[] => {
      const fryer = uses.find(({ resource }) => resource.startsWith('fryer:'))?.resource;
      const at = evening.fryers.findIndex(({ fryer_id }) => fryerResource(fryer_id) === fryer);
      const plan = plans[dish]?.[at];
      if (fryer === undefined || !plan) return [];
      const { openings = [] } = pictures[dish]?.[at] ?? {};
      return [{ step: id, fryer, plan, openings, begin: shown.serveAt - begin * 1000, length }];
    });
}
