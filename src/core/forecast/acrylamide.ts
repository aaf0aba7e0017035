import type { Skin } from '../prep/skin';

/** How much acrylamide to expect; a band, since no number could be honest. */
export type AcrylamideBand = 'low' | 'watch' | 'high';

/** Sugar and free asparagine of the dry solids of fresh potato, kg/kg: the index is one for it when golden. Source: 0.3 % each of 21.5 % solids. */
const REFERENCE_SUGAR = 0.014;
const REFERENCE_ASPARAGINE = 0.014;

/** Sugar at which it no longer limits, over that of fresh potato. Source: assumed; amounts of the two meet near equal moles. */
const SUGAR_HALF = 3;

/** Free asparagine that a food must have in its solids to form any, kg/kg. Source: assumed; meat and cheese have less. */
const LEAST_ASPARAGINE = 1e-5;

/** Index where the bands change. Source: assumed; golden fresh potato is low, brown or sweetened is high. */
const WATCH_FROM = 1.1;
const HIGH_FROM = 1.8;

/** Exponent of the asparagine. Source: assumed; near one where sugar is plenty, less where it is short. */
const ASPARAGINE_EXPONENT = 0.5;

/**
 * Band from what browns and how far: colour times sugar (saturating) times the root of free asparagine; null where there is no
 * asparagine to speak of. Colour stands for dryness and heat, as both are needed for either.
 * @param browning of the median face when pulled
 */
export function acrylamideBand(
  skin: Pick<Skin, 'skinSugar' | 'skinAsparagine'>,
  browning: number,
): AcrylamideBand | null {
  if (skin.skinAsparagine < LEAST_ASPARAGINE) return null;
  const index = acrylamideIndex(skin, browning);
  return index >= HIGH_FROM ? 'high' : index >= WATCH_FROM ? 'watch' : 'low';
}

/** One for fresh floury potato when golden. */
export function acrylamideIndex(skin: Pick<Skin, 'skinSugar' | 'skinAsparagine'>, browning: number): number {
  const sugar = skin.skinSugar / REFERENCE_SUGAR;
  const bySugar = (sugar * (1 + SUGAR_HALF)) / (sugar + SUGAR_HALF);
  return browning * bySugar * (skin.skinAsparagine / REFERENCE_ASPARAGINE) ** ASPARAGINE_EXPONENT;
}
