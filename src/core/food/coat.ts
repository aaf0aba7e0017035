import { rampBetween, type ColourRamp } from './colour-ramp';

/** What a coat is by its recipe, whatever lies under it. SI units; shares are of its dry solids. */
export interface CoatRecipe {
  /** kg water per kg solids as laid */
  readonly moisture: number;
  /** kg solids per m³ as laid */
  readonly solidsDensity: number;
  /** kg water per kg solids with all pores full */
  readonly fullMoisture: number;
  /** reducing sugars, kg/kg */
  readonly sugar: number;
  /** kg/kg */
  readonly protein: number;
  /** free asparagine, kg/kg */
  readonly asparagine: number;
  /** K */
  readonly dryGlassTransition: number;
  readonly ramp: ColourRamp;
}

/**
 * Flour, egg and crumbs, by solids about 22, 14 and 64 %. Source: flour 11 % protein, 1 % sugar; egg 50 % protein; dry crumb 13 %
 * protein, 3.5 % sugar, food tables, rounded; 650 kg/m³ with a third of water, pores full at 1.6, glass near that of gluten and
 * starch: assumed. Asparagine 0.2 g/kg of flour and crumb, range of wheat 0.1–0.5.
 */
export const CRUMB_COAT: CoatRecipe = {
  moisture: 0.5,
  solidsDensity: 433,
  fullMoisture: 1.6,
  sugar: 0.025,
  protein: 0.18,
  asparagine: 2e-4,
  dryGlassTransition: 475,
  ramp: rampBetween([84, 3, 24], [64, 15, 44]),
};

/** Batter of equal flour and water with a little egg. Source: as above; 900 kg/m³ as laid, assumed. */
export const BATTER_COAT: CoatRecipe = {
  moisture: 1.2,
  solidsDensity: 409,
  fullMoisture: 1.8,
  sugar: 0.015,
  protein: 0.13,
  asparagine: 2e-4,
  dryGlassTransition: 480,
  ramp: rampBetween([88, 0, 20], [66, 14, 46]),
};

/** Dry solids of one dredging, kg/m² of surface. Source: amounts of `coat-amounts.ts` less their water; measured pick-up of crumbed pieces 0.2–0.3 kg/m² moist, from memory. */
export const DREDGED_SOLIDS = 0.16;

/** Less coat than this, kg of solids per m², is no layer of its own: it mixes with the skin. Source: chosen, a tenth of a millimetre. */
export const THINNEST_COAT = 0.04;

/** What a second egg and crumb adds, share of the first. Source: assumed; the flour is not repeated. */
export const SECOND_LAYER = 2 / 3;
