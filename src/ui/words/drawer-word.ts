import { currentLoad } from '../../schemas/load-order';
import type { PlanFile } from '../../schemas/plan-file';

/** Into which drawer a load goes, where there are two: ", left drawer". */
export function drawerWord(document: Pick<PlanFile, 'loads' | 'fryer'>): string {
  if (document.fryer.drawers !== 2) return '';
  return currentLoad(document).drawer === 1 ? ', right drawer' : ', left drawer';
}

/** Which load of a plan in several this is, before where it is cooked: "load 1 of 3, left drawer, ". */
export function loadBefore(document: Pick<PlanFile, 'loads' | 'fryer'>): string {
  const { count, current = 1 } = document.loads;
  return count > 1 ? `load ${current} of ${count}${drawerWord(document)}, ` : '';
}
