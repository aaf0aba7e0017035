import { COAT_INGREDIENTS } from '../core/food/coat-by-recipe';
import { batchYield } from '../core/cut/batch-yield';
import { dishName, type EveningFile } from '../schemas/evening-file';
import { planFood, wholePlanFromFile } from '../schemas/plan-from-file';

/** One thing to have in the kitchen. */
export interface Needed {
  readonly what: string;
  /** g; null where it is said in the cook's own words */
  readonly grams: number | null;
  /** names of the dishes it is for */
  readonly dishes: readonly string[];
}

/** All that an evening takes, the same thing once with its grams together; the cook's own words as they stand. */
export function shoppingList({ dishes }: EveningFile): Needed[] {
  const found = new Map<string, Needed>();
  const add = (what: string, grams: number | null, dish: string) => {
    const before = found.get(what);
    found.set(what, {
      what,
      grams: grams === null ? null : (before?.grams ?? 0) + grams,
      dishes: [...new Set([...(before?.dishes ?? []), dish])],
    });
  };
  for (const dish of dishes) {
    const name = dishName(dish);
    if (dish.kind === 'own') {
      for (const need of dish.needs) add(need, null, name);
      continue;
    }
    const { plan } = dish;
    const food = planFood(plan);
    add(food.name, plan.mass_g, name);
    const { surface } = batchYield(food, wholePlanFromFile(plan).cut, plan.mass_g / 1000);
    for (const step of plan.prep) {
      if (step.step === 'oil') add('oil', step.mass_g ?? (step.film_g_m2 ?? 0) * surface, name);
      if (step.step === 'starch') add('starch', step.mass_g, name);
      if (step.step === 'season') add('salt and spice', step.mass_g, name);
      if (step.step === 'batter') add('batter', step.mass_g, name);
      if (step.step === 'dredge') add('flour, egg and crumbs', null, name);
      if (step.step === 'coat') {
        for (const ingredient of COAT_INGREDIENTS) {
          const grams = step[`${ingredient}_g`];
          if (grams > 0) add(ingredient, grams, name);
        }
      }
    }
  }
  return [...found.values()];
}
