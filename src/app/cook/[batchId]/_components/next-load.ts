import { loadsFromStart } from '@/editing/edit-loads';
import { earlierLoad, type LoadTimes, warmFryer } from '@/editing/warm-fryer';
import { loadOrder } from '@/schemas/load-order';
import type { PlanFile } from '@/schemas/plan-file';
import { cutText } from '@/schemas/storable-text';

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
    const all = [...earlier, earlierLoad(times)];
    return { ...document, loads: { ...document.loads, current: current + 1, earlier: all }, fryer };
  }
  const name = /\d+$/.test(document.name)
    ? document.name.replace(/\d+$/, (number) => String(Number(number) + 1))
    : `${document.name} 2`;
  return { ...document, name: cutText(name, 120), loads: loadsFromStart(document.loads), fryer };
}
