import { arrheniusRate } from '../piece/arrhenius';

/**
 * Diffusivity of sugars in tissue whose cells are whole, m²/s: membranes hold them back. Source: leaching trials of potato
 * slices of 2 mm, about a quarter of the reducing sugar lost in 40 min at room temperature.
 */
const WHOLE_CELLS = 2e-11;

/** The same once membranes have failed, m²/s at 65 °C, and its activation energy, J/mol. Source: the same trials, 33–40 % in 40 min; energy of small sugars in water, about 20–25 kJ/mol. */
const FAILED_CELLS = 4.4e-11;
const FAILED_ENERGY = 22_000;
const FAILED_REFERENCE = 338.15;

/** Temperature at which half of the membranes have failed, K, and the width of the change. Source: potato and root tissue 50–60 °C. */
const FAILURE_TEMPERATURE = 328.15;
const FAILURE_WIDTH = 2.5;

/** Diffusivity of sugars in tissue lying in water of `temperature` K, m²/s; smooth where membranes fail. */
export function sugarDiffusivity(temperature: number): number {
  const failed = 1 / (1 + Math.exp(-(temperature - FAILURE_TEMPERATURE) / FAILURE_WIDTH));
  const open = arrheniusRate(FAILED_CELLS, FAILED_ENERGY, FAILED_REFERENCE, temperature);
  return WHOLE_CELLS + failed * Math.max(0, open - WHOLE_CELLS);
}
