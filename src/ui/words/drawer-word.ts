import { currentLoad } from '../../schemas/load-order';
import type { PlanFile } from '../../schemas/plan-file';

/** Into which drawer a load goes, where there are two: ", left drawer". */
export function drawerWord(document: Pick<PlanFile, 'loads' | 'fryer'>): string {
  if (document.fryer.drawers !== 2) return '';
  return currentLoad(document).drawer === 1 ? ', right drawer' : ', left drawer';
}
