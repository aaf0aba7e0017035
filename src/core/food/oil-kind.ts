/** Kinds of oil that a cook turns pieces in. */
export const OIL_KINDS = ['refined', 'olive', 'cold-pressed', 'butter', 'sesame'] as const;

/** One of them. */
export type OilKind = (typeof OIL_KINDS)[number];

/**
 * Temperature from which each smokes, K. Source: smoke points as commonly given, °C: refined rapeseed or sunflower 220–230, extra virgin
 * olive 190–205, other cold-pressed oils 160–180, butter 150–175, toasted sesame 175; the lower end. Error ±10 K between makers.
 */
export const SMOKES_FROM: Record<OilKind, number> = {
  refined: 493,
  olive: 463,
  'cold-pressed': 433,
  butter: 423,
  sesame: 448,
};
