import type { Food } from '../food/food';
import { compositionAtMoisture, mixtureConductivity, solidsSpecificHeat } from '../properties/choi-okos';
import { tabulate } from '../numeric/uniform-table';
import type { Material } from './material';

/** Conductivity of dried porous crust, W/(m K). Source: fried potato crust 0.10–0.12, Ziaiifar et al. (2009), rounded. */
const CRUST_CONDUCTIVITY = 0.11;

/** Moisture below which pores open and conductivity falls. Source: assumed; free water has left the cells by then. */
const PORE_OPENING_MOISTURE = 1.2;

/** Most of a dense food's moisture at which pores open, share of what it holds raw. Source: assumed, so that raw tissue counts as whole. */
const LEAST_OPEN_SHARE = 0.8;

/** Conductivity of tissue with air in it over that without: (2 − 2ε)/(2 + ε). Source: Maxwell–Eucken, air taken as none. */
function airyShare(porosity: number): number {
  return (2 - 2 * porosity) / (2 + porosity);
}

/** Temperature at which heat capacities are frozen, °C, so that enthalpy is a state and balances close. Source: chosen; the middle of what a cook passes through. */
const REFERENCE_TEMPERATURE_C = 60;

/**
 * Heat properties of a food from its composition; conductivity falls linearly to that of porous crust as pores open.
 * Error of the frozen heat capacity: below 2 % between 20 and 100 °C.
 * Source: Choi & Okos (1986); crust see above.
 */
export function tissueOf(food: Food): Material {
  const rawMoisture = food.composition.water / (1 - food.composition.water);
  const poreOpening = Math.min(PORE_OPENING_MOISTURE, LEAST_OPEN_SHARE * rawMoisture);
  const dense = (moisture: number, temperatureC: number) =>
    mixtureConductivity(compositionAtMoisture(food.composition, moisture), temperatureC) * airyShare(food.porosity);
  const porous = (moisture: number) => {
    const wetness = Math.min(1, moisture / poreOpening);
    return CRUST_CONDUCTIVITY + (dense(moisture, REFERENCE_TEMPERATURE_C) - CRUST_CONDUCTIVITY) * wetness;
  };
  return {
    fullMoisture: rawMoisture,
    solidsDensity: food.density * (1 - food.composition.water),
    solidsHeat: solidsSpecificHeat(food.composition, REFERENCE_TEMPERATURE_C),
    conductivity: tabulate(porous, 0, rawMoisture * 1.5, rawMoisture / 120),
    conductivitySlope:
      (dense(rawMoisture, 100) - dense(rawMoisture, 20)) / 80 / dense(rawMoisture, REFERENCE_TEMPERATURE_C),
    dryGlassTransition: food.dryGlassTransition,
  };
}
