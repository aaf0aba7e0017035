import { cutThickness } from '../cut/piece-geometry';
import type { Cut } from '../cut/cut';
import type { Food } from '../food/food';
import { GOLDEN_AND_CRISP, type Wish } from '../food/wish';
import type { PreparationStep } from './plan';

/** Pieces up to this thickness are meant to dry through, m. Source: assumed; crisps are cut 1–3 mm. */
export const CHIP_THICKNESS = 3.5e-3;

/** What most cooks wish of a food so cut and coated: thin slices and coats are to be golden and crisp whatever the food. */
export function usualWish(food: Food, cut: Cut, steps: readonly Pick<PreparationStep, 'step'>[]): Wish {
  const coated =
    food.coat !== null || steps.some(({ step }) => step === 'dredge' || step === 'batter' || step === 'coat');
  const thin = cut.shape !== 'sheet' && cutThickness(cut) <= CHIP_THICKNESS;
  return coated || thin ? GOLDEN_AND_CRISP : food.usualWish;
}
