import { kinOf } from '../core/learn/kin';
import { type MadeWith, seasonOf } from '../core/learn/told-batch';
import { currentLoad } from './load-order';
import type { PlanFile } from './plan-file';
import { planFood } from './plan-from-file';

/** Which of the kitchen's things a plan is made with; there is a food in every plan. */
export function madeWith(document: PlanFile, fryerName: string, day: Date): MadeWith & { readonly food: string } {
  const food = planFood(document);
  return {
    fryer: fryerName,
    drawer: document.fryer.drawers === 2 ? currentLoad(document).drawer + 1 : null,
    food: typeof document.food === 'string' ? document.food : food.name,
    kin: kinOf(food),
    season: seasonOf(day),
  };
}
