import { normalShare } from '../numeric/normal-share';
import { normalQuantile } from '../numeric/normal-quantile';
import { chanceOfPick, pairsNeeded, preferenceOf } from './paired-tasting';

test('shares of the normal distribution are those of its quantiles', () => {
  for (const share of [0.01, 0.2, 0.5, 0.84, 0.99]) expect(normalShare(normalQuantile(share))).toBeCloseTo(share, 3);
});

test('nobody tasted: either way; three of four leans; eight of eight is sure; half and half says nothing', () => {
  expect(preferenceOf({ one: 0, other: 0, alike: 0 })).toMatchObject({ mean: 0.5 });
  expect(preferenceOf({ one: 0, other: 0, alike: 0 }).otherBetter).toBeCloseTo(0.5, 3);
  /* Beta(4, 2): P(p > ½) = 13/16 */
  expect(preferenceOf({ one: 1, other: 3, alike: 0 }).otherBetter).toBeCloseTo(13 / 16, 3);
  /* Beta(9, 1): 1 − 2⁻⁹ */
  expect(preferenceOf({ one: 0, other: 8, alike: 0 }).otherBetter).toBeCloseTo(1 - 2 ** -9, 4);
  const even = preferenceOf({ one: 4, other: 4, alike: 2 });
  expect(even.otherBetter).toBeCloseTo(0.5, 3);
  expect(even.from).toBeLessThan(0.4);
  expect(even.to).toBeGreaterThan(0.6);
});

test('a plain difference needs few pairs, a small one more than anyone cooks', () => {
  expect(chanceOfPick(0)).toBeCloseTo(0.5, 6);
  expect(chanceOfPick(0.17)).toBeCloseTo(0.841, 2);
  expect(chanceOfPick(-0.17)).toBeCloseTo(0.159, 2);
  const plain = pairsNeeded(chanceOfPick(0.3), 2)!;
  const middling = pairsNeeded(chanceOfPick(0.1), 2)!;
  expect(plain).toBeLessThan(middling);
  expect(plain).toBeLessThanOrEqual(2);
  expect(pairsNeeded(chanceOfPick(0.01), 2)).toBeNull();
  expect(pairsNeeded(chanceOfPick(-0.3), 2)).toBe(plain);
});
