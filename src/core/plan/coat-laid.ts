import { batchYield } from '../cut/batch-yield';
import { BATTER_COAT, type CoatRecipe, CRUMB_COAT, DREDGED_SOLIDS, SECOND_LAYER, THINNEST_COAT } from '../food/coat';
import { coatByRecipe, type CoatIngredient, heaviestOf } from '../food/coat-by-recipe';
import type { BatchPart, PreparationStep } from './plan';

/** Most of a coat that clings at once, kg of dry solids per m²; what is more stays in the bowl. Source: pick-up of crumbed pieces 0.2–0.3 kg/m² moist, from memory. */
const MOST_COAT = 0.25;

/** A step that lays a coat. */
export type CoatStep = Extract<PreparationStep, { step: 'dredge' | 'batter' | 'coat' }>;

/** What a coat is called after: batter, or the heaviest of what is dry in it. */
export type CoatName = CoatIngredient | 'batter';

/** A coat as it clings. */
interface CoatLaid {
  readonly name: CoatName;
  readonly recipe: CoatRecipe;
  /** dry solids, kg/m² */
  readonly solids: number;
}

/** The coat that a step lays on `surface` m²; null where there is nothing in it. */
export function coatLaid(step: CoatStep, surface: number): CoatLaid | null {
  switch (step.step) {
    case 'dredge': {
      const layers = step.layers === 2 ? 1 + SECOND_LAYER : 1;
      return { name: 'crumb', recipe: CRUMB_COAT, solids: DREDGED_SOLIDS * layers };
    }
    case 'batter':
      return { name: 'batter', recipe: BATTER_COAT, solids: step.mass / surface / (1 + BATTER_COAT.moisture) };
    case 'coat': {
      const [coat, name] = [coatByRecipe(step.amounts), heaviestOf(step.amounts)];
      return coat && name ? { name, recipe: coat.recipe, solids: Math.min(MOST_COAT, coat.solids / surface) } : null;
    }
  }
}

/** The step that lays the outermost coat. */
export function lastCoatStep(preparation: BatchPart['preparation']): CoatStep | undefined {
  return preparation.findLast(
    (step): step is CoatStep => step.step === 'dredge' || step.step === 'batter' || step.step === 'coat',
  );
}

/** The coat that browns in the place of a part; null for bare pieces, for those on which it is so thin that it mixes with the skin, and for what is sold in its coat. */
export function coatName({ food, cut, mass, preparation }: BatchPart): CoatName | null {
  const step = lastCoatStep(preparation);
  const laid = step && coatLaid(step, batchYield(food, cut, mass).surface);
  return laid && laid.solids >= THINNEST_COAT ? laid.name : null;
}
