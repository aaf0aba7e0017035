import { likelyCause } from '../coach/likely-cause';
import { differenceOf, inWords } from '../forecast/unknowns';
import { browningSeen } from './suggest-outcome';

test('the last look gives the colour of the outcome; a weighing does not', () => {
  const weight = { kind: 'weight', time: 5, mass: 0.4 } as const;
  const pulled = { loadedAt: 0, doneAt: 200_000 };
  expect(browningSeen({ ...pulled, observations: [weight] })).toBeNull();
  expect(browningSeen({ ...pulled, observations: [{ kind: 'swatch', time: 9, browning: 0.8 }, weight] })).toBe(0.8);
  const look = (kind: 'paler' | 'darker') =>
    browningSeen({ ...pulled, observations: [{ kind: 'look', time: 9, look: kind, shown: 1 }] })!;
  expect(look('paler')).toBeLessThan(0.7);
  expect(look('darker')).toBeGreaterThan(1.4);
});

test('a look long before the pull tells nothing of the colour when pulled', () => {
  const observations = [{ kind: 'swatch', time: 600, browning: 0.2 }] as const;
  expect(browningSeen({ loadedAt: 0, doneAt: 700_000, observations })).toBe(0.2);
  expect(browningSeen({ loadedAt: 0, doneAt: 1_100_000, observations })).toBeNull();
});

test('the furthest unknown is the likely cause, in its own unit; small ones are none', () => {
  const usual = { heatTransfer: 0.1, offset: 0.2, power: -0.3, browning: 0.4 };
  expect(likelyCause(usual)).toBeNull();
  expect(likelyCause({ ...usual, offset: -1.5 })).toEqual({ what: 'offset', by: -13.5 });
  expect(differenceOf({ ...usual, offset: -1 }).offset).toBe(-9);
  expect(inWords('browning', 0.45)).toBeCloseTo(0.568, 3);
});
