/** Preheat that cooks usually give, min. Source: assumed. */
export const USUAL_PREHEAT = 4;

/** Layers up to which pieces count as lying in one: a few lie on others. Source: assumed. */
export const ONE_LAYER = 1.15;

/** Starch that is dusted on a square metre of cut surface, and salt and spice on a kilogram of pieces, g. Source: assumed, as recipes have them. */
const STARCH_ON_SURFACE = 15;
const SEASONING_ON_MASS = 8;

/** Starch for so many m² of cut surface, whole g. */
export function usualStarch(surface: number): number {
  return Math.max(1, Math.round(STARCH_ON_SURFACE * surface));
}

/** Salt and spice for so many g of pieces, whole g. */
export function usualSeasoning(massG: number): number {
  return Math.max(1, Math.round((SEASONING_ON_MASS * massG) / 1000));
}
