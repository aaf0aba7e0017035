import type { Food } from '../food/food';
import { compositionAtMoisture, mixtureConductivity, solidsSpecificHeat } from '../properties/choi-okos';
import { tabulate, type UniformTable } from '../numeric/uniform-table';

/** Conductivity of dried porous crust, W/(m K). Source: fried potato crust 0.10–0.12, Ziaiifar et al. (2009), rounded. */
const CRUST_CONDUCTIVITY = 0.11;

/** Moisture below which pores open and conductivity falls. Source: assumed; free water has left the cells by then. */
const PORE_OPENING_MOISTURE = 1.2;

/** Conductivity of tissue with air in it over that without: (2 − 2ε)/(2 + ε). Source: Maxwell–Eucken, air taken as none. */
function airyShare(porosity: number): number {
  return (2 - 2 * porosity) / (2 + porosity);
}

/** Temperature at which heat capacities are frozen, °C, so that enthalpy is a state and balances close. */
const REFERENCE_TEMPERATURE_C = 60;

/** What the piece solver needs of a food. SI units. */
export interface Tissue {
  /** kg water per kg solids, raw */
  readonly rawMoisture: number;
  /** kg dry solids per m³ of raw piece */
  readonly solidsDensity: number;
  /** J/(kg K) of the dry solids */
  readonly solidsHeat: number;
  /** W/(m K) against moisture, at 60 °C */
  readonly conductivity: UniformTable;
  /** relative change of conductivity per kelvin */
  readonly conductivitySlope: number;
}

/**
 * Heat properties of a food from its composition; conductivity falls linearly to that of porous crust as pores open.
 * Error of the frozen heat capacity: below 2 % between 20 and 100 °C.
 * Source: Choi & Okos (1986); crust see above.
 */
export function tissueOf(food: Food): Tissue {
  const rawMoisture = food.composition.water / (1 - food.composition.water);
  const poreOpening = Math.min(PORE_OPENING_MOISTURE, 0.8 * rawMoisture);
  const dense = (moisture: number, temperatureC: number) =>
    mixtureConductivity(compositionAtMoisture(food.composition, moisture), temperatureC) * airyShare(food.porosity);
  const porous = (moisture: number) => {
    const wetness = Math.min(1, moisture / poreOpening);
    return CRUST_CONDUCTIVITY + (dense(moisture, REFERENCE_TEMPERATURE_C) - CRUST_CONDUCTIVITY) * wetness;
  };
  return {
    rawMoisture,
    solidsDensity: food.density * (1 - food.composition.water),
    solidsHeat: solidsSpecificHeat(food.composition, REFERENCE_TEMPERATURE_C),
    conductivity: tabulate(porous, 0, rawMoisture * 1.5, rawMoisture / 120),
    conductivitySlope:
      (dense(rawMoisture, 100) - dense(rawMoisture, 20)) / 80 / dense(rawMoisture, REFERENCE_TEMPERATURE_C),
  };
}
