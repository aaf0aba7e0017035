import { ATMOSPHERIC_PRESSURE } from './water';

/** Temperature of the kitchen, K. Source: assumed, 21 °C. */
export const AMBIENT_TEMPERATURE = 294.15;

/** Water in the kitchen's air, kg/kg. Source: 21 °C at 50 % relative humidity. */
export const AMBIENT_HUMIDITY_RATIO = 0.0078;

/** Partial pressure of vapour, Pa, at a humidity ratio and 1 atm. */
export function vapourPressureOf(humidityRatio: number): number {
  return (ATMOSPHERIC_PRESSURE * humidityRatio) / (0.622 + humidityRatio);
}
