import type { LoadShare } from '../core/plan/load-share';
import type { PlanFile } from './plan-file';

/** The loads of a plan, in order: equal ones unless sizes are given, in one drawer unless others are named. */
export function loadOrder({ loads, fryer }: Pick<PlanFile, 'loads' | 'fryer'>): LoadShare[] {
  const { count, sizes, drawers } = loads;
  const size = (i: number) => sizes?.[i] ?? 1;
  const all = Array.from({ length: count }, (_, i) => size(i)).reduce((sum, one) => sum + one, 0);
  return Array.from({ length: count }, (_, i) => ({
    share: size(i) / all,
    drawer: fryer.drawers === 2 ? (drawers?.[i] ?? 1) - 1 : 0,
  }));
}

/** The load that a batch is: the first unless it says which. */
export function currentLoad(document: Pick<PlanFile, 'loads' | 'fryer'>): LoadShare {
  return loadOrder(document)[(document.loads.current ?? 1) - 1]!;
}
