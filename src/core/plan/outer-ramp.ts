import { BATTER_COAT, type CoatRecipe, CRUMB_COAT } from '../food/coat';
import { coatByRecipe } from '../food/coat-by-recipe';
import type { ColourRamp } from '../food/colour-ramp';
import { lastCoatStep } from './coat-laid';
import type { BatchPart } from './plan';

/** The coat that a part wears in the fryer: the last one laid, or the one it is sold in; null for bare pieces. */
export function outerCoat(part: Pick<BatchPart, 'food' | 'preparation'>): CoatRecipe | null {
  const last = lastCoatStep(part.preparation);
  if (last?.step === 'coat') return coatByRecipe(last.amounts)?.recipe ?? part.food.coat;
  if (last) return last.step === 'dredge' ? CRUMB_COAT : BATTER_COAT;
  return part.food.coat;
}

/** The colours that the eye sees while a part browns: those of its coat, or of the food. */
export function outerRamp(part: Pick<BatchPart, 'food' | 'preparation'>): ColourRamp {
  return outerCoat(part)?.ramp ?? part.food.ramp;
}
