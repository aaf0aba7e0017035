import type { CoatRecipe } from '../food/coat';
import { tabulate } from '../numeric/uniform-table';
import type { Material } from './material';

/** Conductivity of a coat, W/(m K): dry, and more per unit of moisture. Source: bread crumb and crust 0.05–0.08 dry, rising with water; linear, assumed. */
const DRY_CONDUCTIVITY = 0.06;
const CONDUCTIVITY_BY_MOISTURE = 0.2;

/** Heat capacity of flour, egg and crumb solids, J/(kg K). Source: Choi & Okos (1986), carbohydrate and protein near 60 °C, 1650–2080. */
export const COAT_SOLIDS_HEAT = 1700;

/** What the piece solver needs of a coat. */
export function coatMaterial(recipe: CoatRecipe): Material {
  return {
    fullMoisture: recipe.fullMoisture,
    solidsDensity: recipe.solidsDensity,
    solidsHeat: COAT_SOLIDS_HEAT,
    conductivity: tabulate((x) => DRY_CONDUCTIVITY + CONDUCTIVITY_BY_MOISTURE * x, 0, recipe.fullMoisture, 0.02),
    conductivitySlope: 0,
    dryGlassTransition: recipe.dryGlassTransition,
  };
}
