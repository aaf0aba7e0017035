import { fryerLeftBy } from '../core/forecast/forecast-loads';
import { celsiusFromKelvin } from '../core/units/temperature';
import type { PlanFile } from '../schemas/plan-file';
import { planFromFile } from '../schemas/plan-from-file';

/** When a load went in and came out, or is to, ms since 1970. */
export interface LoadTimes {
  readonly loadedAt: number;
  /** null while it is in the fryer */
  readonly doneAt: number | null;
  readonly dueAt: number;
}

/** The fryer of a plan as a batch of it leaves it, for the next. Cost: one cook. */
export function warmFryer(document: PlanFile, { loadedAt, doneAt, dueAt }: LoadTimes): PlanFile['fryer'] {
  const left = fryerLeftBy(planFromFile(document), ((doneAt ?? dueAt) - loadedAt) / 1000, 1);
  const { fryer } = document;
  return {
    ...fryer,
    preheat: null,
    start_c: Math.round(celsiusFromKelvin(left)),
    first_preheat: fryer.start_c === undefined ? fryer.preheat : fryer.first_preheat,
  };
}

/** A load that has gone in, as the plan of a later one keeps it. */
export function earlierLoad({ loadedAt, doneAt, dueAt }: LoadTimes) {
  const iso = (ms: number) => new Date(ms).toISOString();
  return { loaded_at: iso(loadedAt), pulled_at: doneAt === null ? null : iso(doneAt), due_at: iso(dueAt) };
}
