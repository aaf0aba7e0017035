import type { CookEvent } from '../core/plan/plan';
import type { PlanFile } from './plan-file';

type FileEvent = PlanFile['cook']['events'][number];

/** Openings that happened as events of a plan; oil, seasoning, what is pulled and added pieces are those that were planned, in their order. */
export function happenedEvents(document: PlanFile, happened: readonly CookEvent[]): FileEvent[] {
  const planned = document.cook.events.toSorted((a, b) => a.minute - b.minute);
  const oils = planned.filter((event) => event.action === 'oil');
  const seasonings = planned.filter((event) => event.action === 'season');
  const pulls = planned.filter((event) => event.action === 'pull');
  const adds = planned.filter((event) => event.action === 'add');
  return happened.flatMap(({ time, action }): FileEvent[] => {
    const minute = time / 60;
    if (action === 'oil') return [{ minute, action, mass_g: oils.shift()?.mass_g ?? 0 }];
    if (action === 'season') return [{ minute, action, mass_g: seasonings.shift()?.mass_g ?? 0 }];
    if (action === 'pull') return [{ ...(pulls.shift() ?? { action }), minute }];
    if (action !== 'add') return [{ minute, action }];
    const next = adds.shift();
    return next ? [{ ...next, minute }] : [{ minute, action: 'open' }];
  });
}
