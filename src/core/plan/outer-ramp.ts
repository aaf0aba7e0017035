import { BATTER_COAT, type CoatRecipe, CRUMB_COAT } from '../food/coat';
import { coatByRecipe, type CoatIngredient, heaviestOf } from '../food/coat-by-recipe';
import type { ColourRamp } from '../food/colour-ramp';
import type { BatchPart, PreparationStep } from './plan';

const lastCoat = (preparation: BatchPart['preparation']) =>
  preparation.findLast(
    (step): step is Extract<PreparationStep, { step: 'dredge' | 'batter' | 'coat' }> =>
      step.step === 'dredge' || step.step === 'batter' || step.step === 'coat',
  );

/** The coat that a part wears in the fryer: the last one laid, or the one it is sold in; null for bare pieces. */
export function outerCoat(part: Pick<BatchPart, 'food' | 'preparation'>): CoatRecipe | null {
  const last = lastCoat(part.preparation);
  if (last?.step === 'coat') return coatByRecipe(last.amounts)?.recipe ?? part.food.coat;
  if (last) return last.step === 'dredge' ? CRUMB_COAT : BATTER_COAT;
  return part.food.coat;
}

/** What the coat of a part is called after: batter, or the heaviest of what is dry in it; null for bare pieces and for what is sold in its coat. */
export type CoatName = CoatIngredient | 'batter';

/** @see CoatName */
export function coatName({ preparation }: Pick<BatchPart, 'preparation'>): CoatName | null {
  const last = lastCoat(preparation);
  if (!last) return null;
  if (last.step !== 'coat') return last.step === 'batter' ? 'batter' : 'crumb';
  return heaviestOf(last.amounts);
}

/** The colours that the eye sees while a part browns: those of its coat, or of the food. */
export function outerRamp(part: Pick<BatchPart, 'food' | 'preparation'>): ColourRamp {
  return outerCoat(part)?.ramp ?? part.food.ramp;
}
