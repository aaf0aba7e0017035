import { AS_EXPECTED, browningScaleOf, differenceOf, UNLEARNT } from './unknowns';

test('deviates are differences by the spread: each its own where nothing is learnt, tied where something is', () => {
  expect(differenceOf({ ...AS_EXPECTED, offset: -1 }).offset).toBe(-9);
  expect(browningScaleOf(1)).toBeCloseTo(Math.exp(0.45), 9);
  const tied = UNLEARNT.with(1, -3);
  expect(differenceOf({ ...AS_EXPECTED, heatTransfer: 1 }, tied)).toEqual({
    heatTransfer: 0.18,
    offset: -3,
    power: 0,
    browning: 0,
  });
});
