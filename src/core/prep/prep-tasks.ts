import { cookDuration, type DryingMethod, type ParcookMethod, type Plan } from '../plan/plan';
import { DRYING_TIME } from './water-film';

/** Something to do before loading, s. Those that wait run by a timer; the others are the cook's hands. */
export interface PrepTask {
  readonly kind: Plan['preparation'][number]['step'] | 'preheat';
  readonly duration: number;
  readonly method?: DryingMethod | ParcookMethod;
  readonly temperature?: number;
}

/** Time of hands for a batch, s. Source: assumed, half a kilogram. */
const HANDS = {
  rinse: 60,
  oil: 60,
  starch: 60,
  season: 30,
  bind: 120,
  dredge: 480,
  batter: 180,
  dip: 60,
  'press-flat': 180,
  cut: 300,
} as const;

/** Freezing through and thawing tofu, s. Source: assumed, overnight and a morning. */
const FREEZE_AND_THAW = 20 * 3600;

/** The plan's preparation as tasks in working order; the preheat runs beside the last ones and stands at the end. */
export function prepTasks(plan: Pick<Plan, 'preparation' | 'preheat'>): PrepTask[] {
  const tasks: PrepTask[] = plan.preparation.map((step) => {
    switch (step.step) {
      case 'rinse':
        return { kind: 'rinse', duration: HANDS.rinse * step.changes };
      case 'soak':
        return { kind: 'soak', duration: step.duration, temperature: step.waterTemperature };
      case 'parcook':
        return { kind: 'parcook', duration: step.duration, method: step.method };
      case 'press':
      case 'marinate':
      case 'brine':
        return { kind: step.step, duration: step.duration };
      case 'freeze-thaw':
        return { kind: 'freeze-thaw', duration: FREEZE_AND_THAW };
      case 'dry':
        return { kind: 'dry', duration: step.duration ?? DRYING_TIME[step.method], method: step.method };
      case 'oil':
      case 'starch':
      case 'season':
      case 'bind':
      case 'dredge':
      case 'batter':
        return { kind: step.step, duration: HANDS[step.step] };
      case 'coat':
        return { kind: 'coat', duration: HANDS.dredge };
      case 'dip':
        return { kind: 'dip', duration: Math.max(HANDS.dip, step.duration) };
      case 'cool':
      case 'chill':
      case 'freeze':
        return { kind: step.step, duration: step.duration };
      case 'press-flat':
      case 'cut':
        return { kind: step.step, duration: HANDS[step.step] };
      case 'cook':
        return { kind: 'cook', duration: cookDuration(step), temperature: step.stages[0]!.temperature };
    }
  });
  if (plan.preheat) {
    tasks.push({ kind: 'preheat', duration: plan.preheat.duration, temperature: plan.preheat.temperature });
  }
  return tasks;
}

/** Tasks that only wait; the others are the cook's hands. */
const WAITING: ReadonlySet<PrepTask['kind']> = new Set([
  'soak',
  'marinate',
  'brine',
  'press',
  'freeze-thaw',
  'parcook',
  'preheat',
  'cool',
  'chill',
  'freeze',
  'cook',
]);

/** Hands for setting up a task that then waits, s. Source: assumed. */
const SET_UP = 60;

/** Whether a task runs by a timer rather than by hands. */
export function isWaiting(task: PrepTask): boolean {
  return WAITING.has(task.kind) || task.method === 'air' || task.method === 'steam-dry';
}

/** How long the cook's hands are busy before loading, s; switching the fryer on takes none. */
export function handsOnDuration(tasks: readonly PrepTask[]): number {
  return tasks.reduce((sum, task) => {
    if (task.kind === 'preheat') return sum;
    return sum + (isWaiting(task) ? Math.min(SET_UP, task.duration) : task.duration);
  }, 0);
}

/** From the first task to loading, s; the preheat runs beside what comes after the last long step. */
export function prepDuration(tasks: readonly PrepTask[]): number {
  let before = 0;
  let beside = 0;
  let preheat = 0;
  for (const task of tasks) {
    if (task.kind === 'preheat') preheat = task.duration;
    /* while a step waits the fryer need not be on yet */
    else if (WAITING.has(task.kind)) {
      before += beside + task.duration;
      beside = 0;
    } else beside += task.duration;
  }
  return before + Math.max(beside, preheat);
}

/**
 * s until the preheat must begin to be ready when the rest is, from what has begun and what is done; 0 or less is now.
 * Null where there is none, or it has begun. Steps still to do are taken one after the other.
 * @param now ms since 1970
 */
export function preheatDueIn(
  tasks: readonly PrepTask[],
  run: { readonly prepBegun: ReadonlyMap<number, number>; readonly prepDone: ReadonlySet<number> },
  now: number,
): number | null {
  const own = tasks.findIndex((task) => task.kind === 'preheat');
  if (own < 0 || run.prepBegun.has(own) || run.prepDone.has(own)) return null;
  const left = tasks.reduce((sum, task, i) => {
    if (i === own || run.prepDone.has(i)) return sum;
    const begun = run.prepBegun.get(i);
    return sum + (begun === undefined ? task.duration : Math.max(0, task.duration - (now - begun) / 1000));
  }, 0);
  /* what cooks before the last leaves the fryer empty only then */
  const lastCook = tasks.findLastIndex((task) => task.kind === 'cook');
  const afterCook = tasks
    .slice(lastCook + 1, own)
    .reduce((sum, task, i) => (run.prepDone.has(lastCook + 1 + i) ? sum : sum + task.duration), 0);
  const latest = lastCook < 0 || run.prepDone.has(lastCook) ? Infinity : afterCook;
  return left - Math.min(tasks[own]!.duration, latest);
}
