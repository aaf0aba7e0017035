import { rampBetween } from '../core/food/colour-ramp';
import { structureOf } from '../core/food/define-food';
import type { Food } from '../core/food/food';
import type { OwnFood } from './own-food';

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
  };
}
