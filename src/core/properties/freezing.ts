import { WATER_SPECIFIC_HEAT } from './water';

/** Initial freezing point of food tissue, K. Source: fresh vegetables and potato −0.6 to −1.4 °C (ASHRAE Refrigeration, thermal properties of foods); −1 °C. */
export const FREEZING_POINT = 272.15;

/** Heat of fusion of ice, J/kg. Source: steam tables, 333.6 kJ/kg at 0 °C. */
const FUSION_HEAT = 3.336e5;

/** Specific heat of ice, J/(kg K). Source: 2.05–2.11 kJ/(kg K) between −20 and 0 °C. */
const ICE_SPECIFIC_HEAT = 2080;

/** Water bound so firmly that it never freezes, kg/kg dry solids. Source: 0.2–0.3 for starchy and vegetable tissue (ASHRAE). */
const UNFROZEN_MOISTURE = 0.25;

/** Celsius of the freezing point. */
const FREEZING_C = FREEZING_POINT - 273.15;

/** Conductivity of wholly frozen tissue over that of the same tissue thawed, less one. Source: ice 2.2 against water 0.6 W/(m K), about half of it in series with solids; assumed. */
const ICE_CONDUCTS = 1.6;

/** kg of water per m² that can freeze in a cell. */
function freezable(solids: number, moisture: number): number {
  return moisture > UNFROZEN_MOISTURE ? solids * (moisture - UNFROZEN_MOISTURE) : 0;
}

/** Share of the water that can freeze which is ice at `temperature` K: 1 − Tf/T in °C. Source: Raoult's law for dilute juice, Schwartzberg (1976). */
export function iceShare(temperature: number): number {
  return temperature >= FREEZING_POINT ? 0 : 1 - FREEZING_C / (temperature - 273.15);
}

/** Factor on conductivity by the ice in tissue. */
export function iceConductivity(temperature: number): number {
  return 1 + ICE_CONDUCTS * iceShare(temperature);
}

/**
 * Apparent heat capacity of a cell that holds ice, J/(m² K): its solids, its water by state, and the ice that melts per kelvin.
 * @param solidsCapacity J/(m² K) @param solids kg/m² @param moisture kg/kg
 */
export function frozenCapacity(temperature: number, solidsCapacity: number, solids: number, moisture: number): number {
  const celsius = temperature - 273.15;
  const water = freezable(solids, moisture);
  return frozenSensible(solidsCapacity, solids, moisture) - (FUSION_HEAT * water * FREEZING_C) / (celsius * celsius);
}

/** Capacity without melting, all freezable water taken as ice, J/(m² K). */
function frozenSensible(solidsCapacity: number, solids: number, moisture: number): number {
  const water = freezable(solids, moisture);
  return solidsCapacity + WATER_SPECIFIC_HEAT * (solids * moisture - water) + ICE_SPECIFIC_HEAT * water;
}

/** Enthalpy of a cell against just thawed, J/m²; negative below the freezing point. */
export function enthalpyOverThawed(
  temperature: number,
  solidsCapacity: number,
  solids: number,
  moisture: number,
): number {
  const above = temperature - FREEZING_POINT;
  if (above >= 0) return (solidsCapacity + WATER_SPECIFIC_HEAT * solids * moisture) * above;
  const ice = freezable(solids, moisture) * iceShare(temperature);
  return frozenSensible(solidsCapacity, solids, moisture) * above - FUSION_HEAT * ice;
}

/** Temperature, K, of a cell with this enthalpy against just thawed: the inverse of `enthalpyOverThawed`. */
export function temperatureOfEnthalpy(
  enthalpy: number,
  solidsCapacity: number,
  solids: number,
  moisture: number,
): number {
  if (enthalpy >= 0) return FREEZING_POINT + enthalpy / (solidsCapacity + WATER_SPECIFIC_HEAT * solids * moisture);
  const capacity = frozenSensible(solidsCapacity, solids, moisture);
  const fusion = FUSION_HEAT * freezable(solids, moisture);
  const linear = capacity * FREEZING_C + fusion + enthalpy;
  const root = Math.sqrt(linear * linear - 4 * capacity * fusion * FREEZING_C);
  return 273.15 + (linear - root) / (2 * capacity);
}
