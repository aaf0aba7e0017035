import { preparedSticks, STICKS_FILE } from '../../../tests/support/sticks';
import { acrylamideBand, acrylamideIndex } from './acrylamide';
import type { FirstPlanFile } from '../../schemas/plan-file';

test('acrylamide: by colour, sugar, asparagine and soak; beet, carrot and parsnip crisps and coats count, cheese does not', () => {
  const skin = (change: Partial<FirstPlanFile>) => preparedSticks(change).left;
  const potato = skin({});
  expect(acrylamideBand(potato, 0.8)).toBe('low');
  expect(acrylamideBand(potato, 1.3)).toBe('watch');
  expect(acrylamideBand(potato, 2.2)).toBe('high');
  const index = (change: Partial<FirstPlanFile>) => acrylamideIndex(skin(change), 1);
  const dry = STICKS_FILE.prep!;
  expect(index({ storage: 'cold' })).toBeGreaterThan(1.5 * index({}));
  expect(index({ prep: [{ step: 'soak', water_c: 70, minutes: 20 }, ...dry] })).toBeLessThan(0.9 * index({}));
  expect(index({ prep: [{ step: 'soak', water_c: 15, minutes: 40 }, ...dry] })).toBeLessThan(0.95 * index({}));
  for (const food of ['beetroot', 'carrot', 'parsnip'] as const)
    expect(acrylamideBand(skin({ food }), 1)).not.toBeNull();
  expect(acrylamideBand(skin({ food: 'halloumi', prep: [{ step: 'dredge' }] }), 1)).not.toBeNull();
  expect(acrylamideBand(skin({ food: 'halloumi' }), 3)).toBeNull();
});
