import { findPeak, findWindow } from './window';
import type { ShareTrack } from './shares';
import { judgePiece, VERDICTS } from '../piece/judge-piece';

function trackOf(right: readonly number[]): ShareTrack {
  const shares = Float64Array.from(right.flatMap((share) => [1 - share, share, 0, 0]));
  return { interval: 20, samples: right.length, shares };
}

test('the window opens and closes where 80 % is crossed, between samples', () => {
  const track = trackOf([0, 0.4, 0.6, 1, 1, 0.9, 0.5, 0]);
  const window = findWindow(track)!;
  expect(window.from).toBeCloseTo(50, 9);
  expect(window.to).toBeCloseTo(105, 9);
  expect(findPeak(track)).toEqual({ time: 70, share: 1 });
});

test('a window that never opens is null, and its peak says how near it came', () => {
  const track = trackOf([0, 0.3, 0.7, 0.2]);
  expect(findWindow(track)).toBeNull();
  expect(findPeak(track)).toEqual({ time: 40, share: 0.7 });
});

test('shares that meet the line but for rounding open and close the window like others', () => {
  const almost = 0.8 - 1e-12;
  const window = findWindow(trackOf([0, almost, almost, 0.4]))!;
  expect(window.from).toBeCloseTo(20, 6);
  expect(window.to).toBeCloseTo(40, 6);
  expect(findWindow(trackOf([0, 0.5, 0.8, 0.3]))).toEqual({ from: 40, to: 40 });
});

test('a window still open at the end closes there', () => {
  expect(findWindow(trackOf([0, 1, 1]))!.to).toBe(40);
});

test.each([
  ['pale and raw', 0.1, 0.1, 2, 1, 'under'],
  ['golden but limp', 1, 1, 0.5, 1, 'under'],
  ['golden, crisp, but raw at heart', 1, 1, 2, 0.2, 'under'],
  ['golden and crisp', 0.9, 1.1, 1.2, 1, 'right'],
  ['brown', 2, 1.8, 3, 1, 'dark'],
  ['one face charred', 0.2, 5, 3, 1, 'burnt'],
] as const)('a piece that is %s', (_, a, b, crispness, softness, verdict) => {
  expect(VERDICTS[judgePiece(a, b, crispness, softness, 'golden')]).toBe(verdict);
});

test('what is right depends on the wish', () => {
  expect(VERDICTS[judgePiece(0.4, 0.4, 2, 1, 'pale')]).toBe('right');
  expect(VERDICTS[judgePiece(1.8, 1.8, 2, 1, 'brown')]).toBe('right');
});
