/** A hot-air fryer as the engine sees it. SI units. */
export interface Fryer {
  /** W, heater at full */
  readonly maximumPower: number;
  /** J/K of air, walls, basket and heater together */
  readonly heatCapacity: number;
  /** W/K lost through the walls */
  readonly lossCoefficient: number;
  /** kg/s of dry air leaving by the vent */
  readonly ventFlow: number;
  /** kg/s of air driven through the basket */
  readonly airFlow: number;
  /** m², floor of the basket */
  readonly basketArea: number;
  /** m, inner height of the basket */
  readonly basketHeight: number;
  /** W/(m² K) on a free face turned to the fan */
  readonly heatTransferCoefficient: number;
  /** K, air less dial once warm; unknown until calibrated */
  readonly thermostatOffset: number;
  /** a liner or parchment lies under the food */
  readonly liner: boolean;
}

/** Temperature of the kitchen, K. Source: assumed, 21 °C. */
export const AMBIENT_TEMPERATURE = 294.15;

/** Water in the kitchen's air, kg/kg. Source: 21 °C at 50 % relative humidity. */
export const AMBIENT_HUMIDITY_RATIO = 0.0078;

/**
 * A fryer from what its label and a ruler tell; the rest are the feasibility study's values for a 1.5 kW drawer fryer
 * (1300 J/K, 2.0 W/K, vent 1.3 g/s, 22 g/s of circulated air, 48 W/(m² K)), capacity and losses scaled with the basket.
 * Source: assumed, within the ranges of the study.
 */
export function fryerFromLabel(maximumPower: number, basketArea: number, basketHeight: number): Fryer {
  const size = basketArea / 0.05;
  return {
    maximumPower,
    heatCapacity: 700 + 600 * size,
    lossCoefficient: 1.2 + 0.8 * size,
    ventFlow: 1.3e-3,
    airFlow: 0.022,
    basketArea,
    basketHeight,
    heatTransferCoefficient: 48,
    thermostatOffset: 0,
    liner: false,
  };
}
