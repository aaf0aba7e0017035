import { findFood } from '../core/food/catalogue';
import { rampBetween } from '../core/food/colour-ramp';
import { GOLDEN_AND_CRISP } from '../core/food/wish';
import { structureOf } from '../core/food/define-food';
import type { Food } from '../core/food/food';
import type { OwnFood } from './own-food';

/** Free asparagine of a food of one's own, kg/kg. Source: assumed, an ordinary vegetable. */
const OWN_ASPARAGINE = 5e-4;

/** The engine's food from one in a plan file; shares are brought to a sum of one exactly. */
export function foodFromFile(file: OwnFood): Food {
  const total = Object.values(file.composition).reduce((sum, part) => sum + part, 0);
  const { water, protein, fat, carbohydrate, fibre, ash } = file.composition;
  const composition = {
    water: water / total,
    protein: protein / total,
    fat: fat / total,
    carbohydrate: carbohydrate / total,
    fibre: fibre / total,
    ash: ash / total,
  };
  return {
    id: 'own',
    name: file.name,
    composition,
    density: file.density_kg_m3,
    starch: file.starch,
    reducingSugar: file.reducing_sugar,
    sugarRange: [0.6 * file.reducing_sugar, 1.6 * file.reducing_sugar],
    ...structureOf(composition, file.density_kg_m3, file.starch),
    dryGlassTransition: file.glass_transition_c + 273.15,
    softeningDose: file.softening_s,
    ramp: rampBetween(file.raw_lab, file.golden_lab),
    cautions: [],
    safeCentreTemperature: null,
    asparagine: OWN_ASPARAGINE,
    coat: null,
    usualWish: GOLDEN_AND_CRISP,
  };
}

/** A food of the catalogue by its id, or one's own. @throws when an id is not in the catalogue, which the schema has excluded */
export function foodOfFile(food: string | OwnFood): Food {
  if (typeof food !== 'string') return foodFromFile(food);
  const found = findFood(food);
  if (!found) throw new Error(`food ${food} passed the schema but is not in the catalogue`);
  return found;
}
