import { kinOf } from '../core/learn/kin';
import { type MadeWith, seasonOf } from '../core/learn/told-batch';
import { coatName } from '../core/plan/coat-laid';
import { currentLoad } from './load-order';
import type { PlanFile } from './plan-file';
import { planFood, planFromFile } from './plan-from-file';

/** Which of the kitchen's things a plan is made with; there is a food in every plan. */
export function madeWith(document: PlanFile, fryerName: string, day: Date): MadeWith & { readonly food: string } {
  const food = planFood(document);
  return {
    fryer: fryerName,
    drawer: document.fryer.drawers === 2 ? currentLoad(document).drawer + 1 : null,
    food: typeof document.food === 'string' ? document.food : food.name,
    coat: coatName(planFromFile(document)),
    kin: kinOf(food),
    season: seasonOf(day),
  };
}
