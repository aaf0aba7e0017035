import type { PlanFile } from '../schemas/plan-file';
import { loadsFromStart } from './edit-loads';

/** A batch's plan for another day: from its first load on, in a fryer that nothing came out of, heated as it was for that load. */
export function fromFirstLoad(document: PlanFile): PlanFile {
  const { start_c, first_preheat, ...fryer } = document.fryer;
  return {
    ...document,
    loads: loadsFromStart(document.loads),
    fryer: start_c === undefined ? fryer : { ...fryer, preheat: first_preheat ?? fryer.preheat },
  };
}
