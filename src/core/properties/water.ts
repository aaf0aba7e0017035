import { tabulate } from '../numeric/uniform-table';

/** Standard atmospheric pressure, Pa. Source: ISO 2533. */
export const ATMOSPHERIC_PRESSURE = 101_325;

/** Specific gas constant of water vapour, J/(kg K). Source: R / M with M = 18.015 g/mol. */
export const VAPOUR_GAS_CONSTANT = 461.5;

/** Specific heat of liquid water at 60 °C, J/(kg K). Source: Choi & Okos (1986), 4178 ± 30 over 0–100 °C. */
export const WATER_SPECIFIC_HEAT = 4185;

/** Specific heat of steam at 1 atm, 100–200 °C, J/(kg K). Source: steam tables, 1.98–2.08 kJ/(kg K). */
export const STEAM_SPECIFIC_HEAT = 1990;

/** Heat of vaporisation at the boiling point, 1 atm, J/kg. Source: steam tables. */
export const BOILING_LATENT_HEAT = 2.257e6;

/**
 * Pressure of saturated steam, Pa, over liquid water.
 * @param temperature K, 273–640
 * Error: below 0.1 % in the range. Source: Wagner & Pruß (1993), J. Phys. Chem. Ref. Data 22, 783, equation 1.
 */
export function saturationPressure(temperature: number): number {
  const theta = 1 - temperature / 647.096;
  const series =
    -7.85951783 * theta +
    1.84408259 * theta ** 1.5 -
    11.7866497 * theta ** 3 +
    22.6807411 * theta ** 3.5 -
    15.9618719 * theta ** 4 +
    1.80122502 * theta ** 7.5;
  return 22.064e6 * Math.exp((647.096 / temperature) * series);
}

/** Saturation pressure in Pa tabulated over 260–640 K at 1 K, for hot loops. Interpolation error below 0.02 %. */
export const SATURATION_PRESSURE_TABLE = tabulate(saturationPressure, 260, 640, 1);

/**
 * Heat of vaporisation, J/kg.
 * @param temperature K, 273–420
 * Error: below 1 %. Source: linear fit of the steam tables between 0 and 100 °C.
 */
export function latentHeat(temperature: number): number {
  return 2.501e6 - 2440 * (temperature - 273.15);
}

/**
 * Temperature in K at which saturated steam has `pressure` Pa.
 * Bisection to 1e-6 K. @param pressure 700 Pa – 20 MPa
 */
export function boilingTemperature(pressure: number): number {
  let low = 273.15;
  let high = 640;
  while (high - low > 1e-6) {
    const middle = (low + high) / 2;
    if (saturationPressure(middle) < pressure) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
