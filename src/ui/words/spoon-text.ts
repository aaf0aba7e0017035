import { type Spooned, TEASPOONS_IN_CUP, TEASPOONS_IN_TABLESPOON, teaspoonsOf } from '../../core/units/spoons';
import { inEighths, massText, type UnitSystem } from './format';

/** Grams with spoons or cups beside: 8 g (1 tbsp); in a US kitchen 0.3 oz (8 g), 1 tbsp. */
export function spoonText(massG: number, what: Spooned, units: UnitSystem): string {
  const spoons = teaspoonsOf(what, massG / 1000);
  const inSpoons =
    spoons >= TEASPOONS_IN_CUP / 3
      ? `${inEighths(spoons / TEASPOONS_IN_CUP)} cup`
      : Math.round(spoons * 8) / 8 >= TEASPOONS_IN_TABLESPOON
        ? `${inEighths(spoons / TEASPOONS_IN_TABLESPOON)} tbsp`
        : `${inEighths(spoons)} tsp`;
  return units === 'us' ? `${massText(massG, units)}, ${inSpoons}` : `${massText(massG, units)} (${inSpoons})`;
}
