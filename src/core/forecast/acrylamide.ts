import type { BatchPart } from '../plan/plan';

/** How much acrylamide to expect; a band, since no number could be honest. */
export type AcrylamideBand = 'low' | 'watch' | 'high';

/** Starch below which a food forms little, kg/kg. Source: acrylamide is a matter of starchy foods (EFSA 2015). */
const STARCHY = 0.02;

/** Browning times root of sugar where the bands change. Source: assumed; golden fresh potato is low, brown or sweetened is high. */
const WATCH_FROM = 1.1;
const HIGH_FROM = 1.8;

/** Reducing sugar of fresh potato, kg/kg. Source: 0.3 %, food tables. */
const FRESH_SUGAR = 0.003;

/**
 * Band by final colour and by the sugar left near the surface after soaking; null where the food is not starchy.
 * @param browning of the median face when pulled
 */
export function acrylamideBand(
  part: Pick<BatchPart, 'food' | 'reducingSugar'>,
  browning: number,
  sugarLeft: number,
): AcrylamideBand | null {
  if (part.food.starch < STARCHY) return null;
  const index = browning * Math.sqrt((part.reducingSugar * sugarLeft) / FRESH_SUGAR);
  return index >= HIGH_FROM ? 'high' : index >= WATCH_FROM ? 'watch' : 'low';
}
