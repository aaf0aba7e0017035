/**
 * Reducing sugar at which the factor is one, kg/kg dry solids: what browns is the dried skin, so the solids are the basis.
 * Source: fresh floury potato, 0.3 % of 21.5 % solids.
 */
const REFERENCE_SUGAR = 0.014;

/** Browning grows less than in proportion to sugar, as amino acids run short. Source: assumed exponent. */
const SUGAR_EXPONENT = 0.25;

/** Protein at which the factor is one, kg/kg dry solids, and how it grows. Source: potato 2 % of 21.5 %; exponent assumed, amino acids are seldom short. */
const REFERENCE_PROTEIN = 0.093;
const PROTEIN_EXPONENT = 0.15;

/** Rate without oil relative to fully oiled. Source: assumed. */
const DRY_SHARE = 0.65;

/** Oil film at which two thirds of the effect are there, kg/m². Source: useful film 20–80 g/m², feasibility study. */
const USEFUL_OIL = 0.02;

/** Most oil that stays on a cut surface; more drips off, kg/m². Source: assumed, 90 g/m². */
export const HELD_OIL = 0.09;

/** Factor on browning from the sugar near the surface and the protein, both kg/kg dry solids. */
export function maillardFactor(reducingSugar: number, protein: number): number {
  const sugar = Math.max(0.4, (Math.max(reducingSugar, 0) / REFERENCE_SUGAR) ** SUGAR_EXPONENT);
  return sugar * (Math.max(protein, 0.01) / REFERENCE_PROTEIN) ** PROTEIN_EXPONENT;
}

/** Factor on browning from the oil film, kg/m²: saturates at one. */
export function oilFactor(film: number): number {
  return DRY_SHARE + (1 - DRY_SHARE) * (1 - Math.exp(-film / USEFUL_OIL));
}
