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
