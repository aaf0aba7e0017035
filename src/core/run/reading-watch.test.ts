import { createSeededRandom } from '../numeric/seeded-random';
import { judgeReadings, type TimedNumber } from './reading-watch';

const every = (seconds: number, values: readonly number[]): TimedNumber[] =>
  values.map((value, i) => ({ at: i * seconds * 1000, value }));
const random = createSeededRandom(5);
const shaky = (length: number, wobble: number, drift = 0) =>
  Array.from({ length }, (_, i) => 400 + drift * i + wobble * (2 * random() - 1));

test('a scale that goes down steadily with a gram of noise is fine, however fast the clock', () => {
  expect(judgeReadings(every(1, shaky(12, 1)), 12)).toBe('fine');
  expect(judgeReadings(every(120, shaky(12, 1, -18)), 12)).toBe('fine');
});

test('one jump, as when the drawer comes out, is no noise', () => {
  const values = [190, 190.4, 189.8, 190.1, 171, 178, 183, 187, 189, 190, 190.2];
  expect(judgeReadings(every(10, values), 12)).toBe('fine');
});

test('numbers that jump about are noisy', () => {
  expect(judgeReadings(every(1, shaky(12, 60)), 12)).toBe('noisy');
});

test('the same digit for a minute and a half is stuck; for a few seconds it may be chance', () => {
  expect(judgeReadings(every(1, Array(12).fill(402)), 12)).toBe('fine');
  expect(judgeReadings(every(10, Array(12).fill(402)), 12)).toBe('stuck');
});

test('too few readings tell nothing', () => {
  expect(judgeReadings(every(100, [1, 1, 1]), 12)).toBe('fine');
  expect(judgeReadings([], 12)).toBe('fine');
});
