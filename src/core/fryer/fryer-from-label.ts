import type { Fryer } from '../plan/fryer';

/** Floor of the study's basket, m². Source: the study’s fryer, measured. */
const STUDY_FLOOR = 0.05;

/** On a free face turned to the fan, W/(m² K). Source: design estimate, 44–52; the upper end, since sides are shaded apart. */
const FREE_TRANSFER = 52;

/** Air in the cavity per volume of basket, kg/m³. Source: 0.83 kg/m³ at 150 °C, a third more room than the basket's. */
const HELD_AIR = 1.1;

/**
 * A fryer from what its label and a ruler tell; the rest are the design estimate's values for a 1.5 kW drawer fryer
 * (1300 J/K, 2.0 W/K, vent 1.3 g/s, 22 g/s of circulated air), scaled with the basket: capacity and losses by its
 * floor, circulated air so that it is as fast through any floor, air held by the volume of basket and head room.
 * Source: assumed, within the ranges of the study.
 */
export function fryerFromLabel(maximumPower: number, basketArea: number, basketHeight: number): Fryer {
  const size = basketArea / STUDY_FLOOR;
  return {
    maximumPower,
    heatCapacity: 700 + 600 * size,
    lossCoefficient: 1.2 + 0.8 * size,
    ventFlow: 1.3e-3,
    airMass: HELD_AIR * basketArea * basketHeight,
    airFlow: 0.022 * size,
    basketArea,
    basketHeight,
    heatTransferCoefficient: FREE_TRANSFER,
    thermostatOffset: 0,
    liner: false,
    racks: 1,
  };
}
