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
  const root = Math.sqrt(theta);
  const cube = theta * theta * theta;
  const series =
    -7.85951783 * theta +
    1.84408259 * theta * root -
    11.7866497 * cube +
    22.6807411 * cube * root -
    15.9618719 * cube * theta +
    1.80122502 * cube * cube * theta * root;
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
 * Newton's method on ln p over 1/T, of which it is nearly a straight line; to 1e-6 K within five steps.
 * @param pressure 700 Pa – 20 MPa
 */
export function boilingTemperature(pressure: number): number {
  let temperature = 373.15;
  for (let pass = 0; pass < MOST_PASSES; pass++) {
    const slope = latentHeat(temperature) / VAPOUR_GAS_CONSTANT;
    const inverse = 1 / temperature - Math.log(pressure / saturationPressure(temperature)) / slope;
    const moved = 1 / inverse - temperature;
    temperature = Math.min(HOTTEST_STEAM, temperature + moved);
    if (Math.abs(moved) < 1e-7) break;
  }
  return temperature;
}

/** Passes after which it is taken as it stands. Source: numerics; near the critical point steam's heat is far from what is assumed of it. */
const MOST_PASSES = 60;

/** K up to which it is looked for, below the critical point. */
const HOTTEST_STEAM = 640;
