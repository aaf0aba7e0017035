import type { Food } from '../food/food';

/** Foods that brown alike, so that one lends its experience to another. */
export type Kin = 'starchy' | 'vegetable' | 'protein';

/** Starch from which a food browns as tubers do, kg/kg fresh. Source: assumed; roots such as celeriac hold less. */
const STARCHY_FROM = 0.05;

/** Protein in the dry matter from which a food browns as tofu and meat do. Source: assumed; vegetables hold 10–25 %, pulses 25, tofu 50. */
const PROTEIN_FROM = 0.35;

/** By what a food is made of, so that one's own has its kin too. */
export function kinOf({ starch, composition: { water, protein } }: Pick<Food, 'starch' | 'composition'>): Kin {
  if (protein / (1 - water) >= PROTEIN_FROM) return 'protein';
  return starch >= STARCHY_FROM ? 'starchy' : 'vegetable';
}
