import type { CookEvent } from '../core/plan/plan';
import type { PlanFile } from './plan-file';

type FileEvent = PlanFile['cook']['events'][number];

/** Openings that happened as events of a plan; oil and added pieces are those that were planned, in their order. */
export function happenedEvents(document: PlanFile, happened: readonly CookEvent[]): FileEvent[] {
  const planned = document.cook.events.toSorted((a, b) => a.minute - b.minute);
  const oils = planned.filter((event) => event.action === 'oil');
  const adds = planned.filter((event) => event.action === 'add');
  return happened.flatMap(({ time, action }): FileEvent[] => {
    const minute = time / 60;
    if (action === 'oil') return [{ minute, action, mass_g: oils.shift()?.mass_g ?? 0 }];
    if (action !== 'add') return [{ minute, action }];
    const next = adds.shift();
    return next ? [{ ...next, minute }] : [{ minute, action: 'open' }];
  });
}
