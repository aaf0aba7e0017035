import { paceOf } from './pace';

test('a cook of whom nothing is known takes as long as reckoned; each step moves that, slips of the finger do not', () => {
  expect(paceOf([])).toEqual({ factor: 1, from: 0 });
  expect(paceOf([1.6]).factor).toBeCloseTo(Math.sqrt(1.6));
  expect(paceOf(new Array<number>(30).fill(1.6)).factor).toBeCloseTo(1.6, 1);
  expect(paceOf([0.01, 50])).toEqual({ factor: 1, from: 0 });
  /* twice as long and half as long say together that it is about right */
  expect(paceOf([2, 0.5]).factor).toBeCloseTo(1);
});
