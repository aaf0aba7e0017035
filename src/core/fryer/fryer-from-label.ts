import type { Fryer } from '../plan/fryer';

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
