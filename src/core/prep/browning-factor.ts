/**
 * Reducing sugar at which the factor is one, kg/kg dry solids: what browns is the dried skin, so the solids are the basis.
 * Source: fresh floury potato, 0.3 % of 21.5 % solids.
 */
const REFERENCE_SUGAR = 0.014;

/** Colour that starch and protein give without sugar, share of that of fresh potato. Source: assumed, dextrins and caramel. */
const WITHOUT_SUGAR = 0.2;

/** Sugar at which browning by sugar has reached half of its most, kg/kg dry solids. Source: Michaelis-like, assumed; amino acids run short. */
const HALF_SUGAR = 0.03;

/** Protein at which the factor is one, kg/kg dry solids, and how it grows. Source: potato 2 % of 21.5 %; exponent assumed, amino acids are seldom short. */
const REFERENCE_PROTEIN = 0.093;
const PROTEIN_EXPONENT = 0.15;

/** Protein below which there is always some, kg/kg. Source: assumed. */
const LEAST_PROTEIN = 0.01;

/** Rate without oil relative to fully oiled. Source: assumed. */
const DRY_SHARE = 0.65;

/** Oil film at which two thirds of the effect are there, kg/m². Source: useful film 20–80 g/m², design estimate. */
const USEFUL_OIL = 0.02;

/** Most oil that stays on a cut surface; more drips off, kg/m². Source: assumed, 90 g/m². */
export const HELD_OIL = 0.09;

/** Factor on browning from the sugar near the surface and the protein, both kg/kg dry solids; one for fresh floury potato. */
export function maillardFactor(reducingSugar: number, protein: number): number {
  const sugar = Math.max(0, reducingSugar);
  const saturating = (sugar / (sugar + HALF_SUGAR)) * ((REFERENCE_SUGAR + HALF_SUGAR) / REFERENCE_SUGAR);
  const bySugar = WITHOUT_SUGAR + (1 - WITHOUT_SUGAR) * saturating;
  return bySugar * (Math.max(protein, LEAST_PROTEIN) / REFERENCE_PROTEIN) ** PROTEIN_EXPONENT;
}

/** Factor on browning from the oil film, kg/m²: saturates at one. */
export function oilFactor(film: number): number {
  return DRY_SHARE + (1 - DRY_SHARE) * (1 - Math.exp(-film / USEFUL_OIL));
}
