import { findBestMoment } from './best-moment';
import type { ShareTrack } from './shares';
import { judgeFor, judgePiece, VERDICTS } from '../piece/judge-piece';

/** A track of right shares; what is not right is under before the best share and dark after it. */
function trackOf(right: readonly number[]): ShareTrack {
  const best = right.indexOf(Math.max(...right));
  const shares = Float64Array.from(
    right.flatMap((share, s) => (s <= best ? [1 - share, share, 0, 0] : [0, share, 1 - share, 0])),
  );
  return { interval: 20, samples: right.length, shares };
}

test('the window holds where 80 % is crossed, between samples; the pull is the first moment within 5 % of the best', () => {
  const moment = findBestMoment(trackOf([0, 0.4, 0.6, 1, 1, 0.9, 0.5, 0]));
  expect(moment.window.from).toBeCloseTo(50, 6);
  expect(moment.window.to).toBeCloseTo(105, 6);
  expect(moment.window.held).toBe(true);
  expect(moment.peak).toEqual({ time: 70, share: 1 });
  expect(moment.pull.time).toBeCloseTo(57.5, 6);
  expect(moment.pull.share).toBeCloseTo(0.95, 9);
  expect(moment.firstCheck).toBeCloseTo(5, 6);
});

test('where 80 % are never right together there is still a best moment with its share, and a stretch around it', () => {
  const moment = findBestMoment(trackOf([0, 0.3, 0.7, 0.2]));
  expect(moment.window.held).toBe(false);
  expect(moment.peak).toEqual({ time: 40, share: 0.7 });
  expect(moment.pull.share).toBeCloseTo(0.95 * 0.7, 9);
  expect(moment.window.from).toBeLessThanOrEqual(moment.pull.time);
  expect(moment.window.to).toBeGreaterThan(moment.pull.time);
});

test('of two stretches the longer counts, not the first sliver before a dent', () => {
  const { window, pull } = findBestMoment(trackOf([0, 1, 0.5, 1, 1, 1, 1, 0]));
  expect(window.from).toBeGreaterThan(40);
  expect(window.to).toBeGreaterThan(120);
  expect(pull.time).toBeGreaterThanOrEqual(window.from);
});

test('where nothing is ever right the pull is when as many are past the wish as short of it', () => {
  const shares = Float64Array.from([1, 0, 0, 0, 0.6, 0, 0.4, 0, 0.2, 0, 0.8, 0]);
  const moment = findBestMoment({ interval: 20, samples: 3, shares });
  expect(moment.pull).toEqual({ time: 25, share: 0 });
  expect(moment.inTime).toBe(true);
});

test('a cook that ends while most are under is not in time; a window still open at the end closes there', () => {
  expect(findBestMoment(trackOf([0, 0.1, 0.3])).inTime).toBe(false);
  const open = findBestMoment(trackOf([0, 1, 1]));
  expect(open.window.to).toBe(40);
  expect(open.inTime).toBe(true);
});

const verdict = (
  faceA: number,
  faceB: number,
  crispness: number,
  softness: number,
  colour: 'pale' | 'golden' | 'brown',
) => VERDICTS[judgePiece({ faceA, faceB, crispness, softness }, judgeFor({ colour, crispness: 'crisp' }))];

test.each([
  ['pale and raw', 0.1, 0.1, 2, 1, 'under'],
  ['golden but limp', 1, 1, 0.5, 1, 'under'],
  ['golden, crisp, but raw at heart', 1, 1, 2, 0.2, 'under'],
  ['golden and crisp', 0.9, 1.1, 1.2, 1, 'right'],
  ['golden above and pale below', 1.09, 0.15, 2, 1, 'under'],
  ['golden below and too dark above', 0.6, 2.4, 2, 1, 'dark'],
  ['brown', 2, 1.8, 3, 1, 'dark'],
  ['one face charred', 0.2, 5, 3, 1, 'burnt'],
] as const)('a piece that is %s', (_, a, b, crispness, softness, expected) => {
  expect(verdict(a, b, crispness, softness, 'golden')).toBe(expected);
});

test('what is right depends on the wish', () => {
  expect(verdict(0.3, 0.3, 2, 1, 'pale')).toBe('right');
  expect(verdict(0.3, 0.3, 2, 1, 'golden')).toBe('under');
  expect(verdict(2.2, 2.2, 2, 1, 'brown')).toBe('right');
});
