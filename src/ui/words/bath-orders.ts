import { STEP_CAUTIONS } from './cautions';
import { massText, temperatureText, type UnitSystem } from './format';
import { spoonText } from './spoon-text';
import type { StepOrder } from './step-order';
import type { AnyStep } from './step-names';

/** Water over the pieces in a pot or bowl, kg per kg. Source: common practice, three to one. */
export const WATER_OVER = 3;

/** Salt of a pot of boiling water, kg per kg. Source: common practice, 10 g to the litre. */
const POT_SALT = 0.01;

/** Salt of a salted dip, kg per kg of water. Source: as the engine takes it, 30 g to the litre. */
const DIP_SALT = 0.03;

/** Vinegar of a sour dip, kg per kg of water. Assumed: a tablespoon to three quarters of a litre. */
const DIP_VINEGAR = 0.02;

/** Oil for par-frying, °C. Source: as the engine takes it. */
const PAR_FRY_C = 175;

/** How pieces are cooked before the fryer, with the water and salt it takes. */
export function parcookOrder(step: Extract<AnyStep, { step: 'parcook' }>, massG: number, units: UnitSystem): StepOrder {
  const water = `${massText(WATER_OVER * massG, units)} of water`;
  switch (step.method) {
    case 'boil':
      return {
        text: 'Boil, then drain',
        amount: `${water}, ${spoonText(WATER_OVER * massG * POT_SALT, 'salt', units)} of salt`,
        caution: STEP_CAUTIONS.boil,
      };
    case 'steam':
      return { text: 'Steam, lid on', amount: null, caution: STEP_CAUTIONS.steam };
    case 'microwave':
      return { text: 'Microwave in a covered dish', amount: null, caution: STEP_CAUTIONS.microwave };
    case 'pressure':
      return { text: 'Pressure-cook over water', amount: null, caution: STEP_CAUTIONS.pressure };
    case 'par-fry':
      return {
        text: `Fry in oil of ${temperatureText(PAR_FRY_C, units)}, lift out, drain`,
        amount: null,
        caution: STEP_CAUTIONS['deep-oil'],
      };
    case 'hot-soak':
      return {
        text: `Keep in water of ${temperatureText(step.water_c, units)}`,
        amount: water,
        caution: STEP_CAUTIONS.soak,
      };
  }
}

/** How pieces are dipped, and in what. */
export function dipOrder(step: Extract<AnyStep, { step: 'dip' }>, massG: number, units: UnitSystem): StepOrder {
  const water = massG * WATER_OVER;
  const order = { text: `Dip ${Math.round(step.seconds)} s, lift out, let drip`, caution: STEP_CAUTIONS.dip };
  switch (step.bath) {
    case 'water':
      return { ...order, amount: `${massText(water, units)} of water` };
    case 'salted':
      return {
        ...order,
        amount: `${massText(water, units)} of water, ${spoonText(water * DIP_SALT, 'salt', units)} of salt`,
      };
    case 'acid':
      return {
        ...order,
        amount: `${massText(water, units)} of water, ${spoonText(water * DIP_VINEGAR, 'liquid', units)} of vinegar`,
      };
    case 'garlic':
      return {
        ...order,
        amount: `${massText(water, units)} of water, 2 cloves of garlic crushed`,
        caution: 'Bits of garlic left on the pieces burn and turn bitter; use the water the same day.',
      };
  }
}
