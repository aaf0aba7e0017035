import type { Plan } from '@/core/plan/plan';
import { boardWork } from '@/core/prep/board-work';
import { prepDuration, prepTasks } from '@/core/prep/prep-tasks';
import { clockBefore } from '@/ui/words/clock-before';

/** What a batch takes from the first potato peeled to the table, s. */
export interface Stretches {
  /** peeling, cutting and all that comes before the fryer */
  readonly before: number;
  /** from the first loading to the last pull */
  readonly atFryer: number;
  /** rest, dressing and what else is done to all */
  readonly after: number;
}

/** @param plan of all that is on the board @param atFryer s from the first loading to the last pull */
export function stretchesOf(plan: Plan, atFryer: number): Stretches {
  return { before: prepDuration(prepTasks(plan)) + boardWork(plan), atFryer, after: plan.toTable };
}

/** Clock time at which peeling and cutting must begin for food on the table at `serveAt` (HH:MM), or null when that is no time. */
export function startBy({ before, atFryer, after }: Stretches, serveAt: string): string | null {
  return clockBefore(serveAt, before + atFryer + after);
}

/**
 * When it would be ready if it were begun now, HH:MM, where it is too late for `serveAt`; null where there is still time.
 * A time of day that has passed is taken as tomorrow's.
 */
export function readyInstead({ before, atFryer, after }: Stretches, serveAt: string, now: Date): string | null {
  const [hour, minute] = serveAt.split(':').map(Number);
  if (hour === undefined || minute === undefined) return null;
  const serve = new Date(now);
  serve.setHours(hour, minute, 0, 0);
  if (serve <= now) return null;
  const takes = (before + atFryer + after) * 1000;
  if (serve.getTime() - takes >= now.getTime()) return null;
  const ready = new Date(Math.ceil((now.getTime() + takes) / 60_000) * 60_000);
  return `${String(ready.getHours()).padStart(2, '0')}:${String(ready.getMinutes()).padStart(2, '0')}`;
}
