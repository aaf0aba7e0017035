import { dishOf, eveningRun } from '../core/evening/evening-run';
import type { EveningEvent } from '../schemas/evening-event';
import type { EveningFile } from '../schemas/evening-file';
import { workOf } from './evening-problem';

/** What cooks took at the board over what was reckoned, by who told that it is done. */
export function boardRatios(
  evening: EveningFile,
  events: readonly EveningEvent[],
): { readonly name: string; readonly ratio: number }[] {
  const { steps } = eveningRun(events);
  return [...steps].flatMap(([step, { begun, done }]) => {
    const dish = evening.dishes.find(({ id }) => id === dishOf(step));
    if (!step.endsWith(':board') || dish?.kind !== 'plan' || done === null || done === begun) return [];
    const told = events.findLast((event) => event.kind === 'done' && event.detail.step === step);
    const name = told?.kind === 'done' ? evening.cooks[told.detail.cook ?? -1] : undefined;
    const { board } = workOf(dish.id, dish.plan);
    return name === undefined || board === 0 ? [] : [{ name, ratio: (done - begun) / 1000 / board }];
  });
}
