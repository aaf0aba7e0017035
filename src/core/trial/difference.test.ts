import { differenceAfter, MODEL_DOUBT } from './difference';

const NOBODY = { one: 0, other: 0, alike: 0 };

test('before anyone tastes it is what the model expects; tastings move it their way and make it surer', () => {
  const before = differenceAfter(0.05, NOBODY);
  expect(before.mean).toBeCloseTo(0.05, 3);
  expect(before.to - before.from).toBeCloseTo(2 * 1.2816 * MODEL_DOUBT, 1);
  const against = differenceAfter(0.05, { one: 6, other: 0, alike: 0 });
  expect(against.mean).toBeLessThan(0);
  expect(against.otherBetter).toBeLessThan(0.2);
  expect(against.to - against.from).toBeLessThan(before.to - before.from);
});

test('the two ways are told apart as well whichever is called the other, and alike moves nothing across the middle', () => {
  const one = differenceAfter(0.03, { one: 1, other: 4, alike: 1 });
  const other = differenceAfter(-0.03, { one: 4, other: 1, alike: 1 });
  expect(one.mean).toBeCloseTo(-other.mean, 6);
  expect(one.otherBetter).toBeCloseTo(1 - other.otherBetter, 6);
  expect(differenceAfter(0, { one: 0, other: 0, alike: 8 }).mean).toBeCloseTo(0, 6);
});
