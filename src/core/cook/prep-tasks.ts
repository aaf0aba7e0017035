import type { DryingMethod, Plan } from '../plan/plan';

/** Something to do before loading, s. Those that wait run by a timer; the others are the cook's hands. */
export interface PrepTask {
  readonly kind: 'rinse' | 'soak' | 'dry' | 'oil' | 'preheat';
  readonly duration: number;
  readonly method?: DryingMethod;
  readonly temperature?: number;
}

/** Time of hands for a batch, s. Source: assumed, half a kilogram. */
const HANDS = { rinse: 60, oil: 60 } as const;
const DRYING: Record<DryingMethod, number> = { drain: 120, towel: 180, 'towel-twice': 300, spinner: 120 };

/** Rest between drawer and table, s. Source: assumed; steam leaves, crust sets. */
export const REST = 120;

/** The plan's preparation as tasks in working order; the preheat runs beside the last ones and stands at the end. */
export function prepTasks(plan: Plan): PrepTask[] {
  const tasks: PrepTask[] = plan.preparation.map((step) => {
    switch (step.step) {
      case 'rinse':
        return { kind: 'rinse', duration: HANDS.rinse * step.changes };
      case 'soak':
        return { kind: 'soak', duration: step.duration, temperature: step.waterTemperature };
      case 'dry':
        return { kind: 'dry', duration: DRYING[step.method], method: step.method };
      case 'oil':
        return { kind: 'oil', duration: HANDS.oil };
    }
  });
  if (plan.preheat) {
    tasks.push({ kind: 'preheat', duration: plan.preheat.duration, temperature: plan.preheat.temperature });
  }
  return tasks;
}

/** From the first task to loading, s; the preheat runs beside what comes after the soak. */
export function prepDuration(tasks: readonly PrepTask[]): number {
  let before = 0;
  let beside = 0;
  let preheat = 0;
  for (const task of tasks) {
    if (task.kind === 'preheat') preheat = task.duration;
    else if (task.kind === 'soak') {
      before += beside + task.duration;
      beside = 0;
    } else beside += task.duration;
  }
  return before + Math.max(beside, preheat);
}
