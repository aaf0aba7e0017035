import { fryerLeftBy } from '@/core/forecast/forecast-loads';
import { celsiusFromKelvin } from '@/core/units/temperature';
import { loadsFromStart } from '@/editing/edit-loads';
import { loadOrder } from '@/schemas/load-order';
import type { PlanFile } from '@/schemas/plan-file';
import { cutText } from '@/schemas/storable-text';
import { planFromFile } from '@/schemas/plan-from-file';

/** When a load went in and came out, or is to, ms since 1970. */
export interface LoadTimes {
  readonly loadedAt: number;
  /** null while it is in the fryer */
  readonly doneAt: number | null;
  readonly dueAt: number;
}

/** Whether another load of the same plan is to follow. */
export function hasNext({ loads: { count, current = 1 } }: Pick<PlanFile, 'loads'>): boolean {
  return current < count;
}

/** Whether the load that follows goes into another drawer, where it need not wait for this one. */
export function nextIsBeside(document: PlanFile): boolean {
  const order = loadOrder(document);
  const { current = 1 } = document.loads;
  return hasNext(document) && order[current]!.drawer !== order[current - 1]!.drawer;
}

/** The load that follows: the next of those planned, or the same again under another name; in the fryer as this one leaves it. */
export function nextOf(document: PlanFile, times: LoadTimes): PlanFile {
  const { current = 1, earlier = [] } = document.loads;
  const fryer = nextIsBeside(document) ? document.fryer : warmFryer(document, times);
  if (hasNext(document)) {
    const own = {
      loaded_at: iso(times.loadedAt),
      pulled_at: times.doneAt === null ? null : iso(times.doneAt),
      due_at: iso(times.dueAt),
    };
    return { ...document, loads: { ...document.loads, current: current + 1, earlier: [...earlier, own] }, fryer };
  }
  const name = /\d+$/.test(document.name)
    ? document.name.replace(/\d+$/, (number) => String(Number(number) + 1))
    : `${document.name} 2`;
  return { ...document, name: cutText(name, 120), loads: loadsFromStart(document.loads), fryer };
}

function warmFryer(document: PlanFile, { loadedAt, doneAt, dueAt }: LoadTimes): PlanFile['fryer'] {
  const left = fryerLeftBy(planFromFile(document), ((doneAt ?? dueAt) - loadedAt) / 1000, 1);
  return { ...document.fryer, preheat: null, start_c: Math.round(celsiusFromKelvin(left)) };
}

function iso(ms: number): string {
  return new Date(ms).toISOString();
}
