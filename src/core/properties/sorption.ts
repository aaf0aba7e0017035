import { tabulate } from '../numeric/uniform-table';
import { ATMOSPHERIC_PRESSURE, boilingTemperature } from './water';

/**
 * GAB isotherm of hot starchy solids: monolayer moisture (kg/kg), C and K (both without unit).
 * Source: range of GAB fits for potato and starch at 60–130 °C, Bizot (1983) and Iglesias & Chirife (1982);
 * the triple itself is assumed within that range.
 */
const MONOLAYER = 0.05;
const GAB_C = 8;
const GAB_K = 0.92;

/** Moisture, dry basis, in equilibrium with air of water activity `activity` in [0, 1]. GAB equation. */
export function equilibriumMoisture(activity: number): number {
  const ka = GAB_K * activity;
  return (MONOLAYER * GAB_C * ka) / ((1 - ka) * (1 - ka + GAB_C * ka));
}

/** Moisture, dry basis, above which water boils as free water (activity 1). */
export const FREE_WATER_MOISTURE = equilibriumMoisture(1);

/** Water activity in [0, 1] at `moistureDryBasis` ≥ 0: the inverse of the GAB equation, by its quadratic. */
export function waterActivity(moistureDryBasis: number): number {
  if (moistureDryBasis >= FREE_WATER_MOISTURE) return 1;
  if (moistureDryBasis <= 0) return 0;
  const ratio = (MONOLAYER * GAB_C) / moistureDryBasis;
  const a = 1 - GAB_C;
  const b = GAB_C - 2 - ratio;
  const ka = (-b - Math.sqrt(b * b - 4 * a)) / (2 * a);
  return Math.min(1, (ka > 0 ? ka : (-b + Math.sqrt(b * b - 4 * a)) / (2 * a)) / GAB_K);
}

/** Boiling temperature in K at which moisture would leave at 1 atm: activity · saturation pressure = 1 atm. At most 640 K. */
export function boilingTemperatureAtMoisture(moistureDryBasis: number): number {
  const activity = waterActivity(moistureDryBasis);
  if (activity < 0.0051) return 640;
  return boilingTemperature(ATMOSPHERIC_PRESSURE / activity);
}

/** Water activity tabulated against moisture 0–0.62 at 0.001, for hot loops. */
export const WATER_ACTIVITY_TABLE = tabulate(waterActivity, 0, FREE_WATER_MOISTURE, 0.001);

/** Boiling temperature in K tabulated against moisture 0–0.62 at 0.001, for hot loops. */
export const BOILING_TEMPERATURE_TABLE = tabulate(boilingTemperatureAtMoisture, 0, FREE_WATER_MOISTURE, 0.001);
