import { sticks } from '../../../tests/support/sticks';
import { chooseOpenings } from './choose-openings';

test('a deeper load wants more openings than a sparse one, and none are asked for in vain', () => {
  const sparse = chooseOpenings(sticks({ mass_g: 120 }), 1);
  const deep = chooseOpenings(sticks({ mass_g: 600 }), 1);
  expect(deep.length).toBeGreaterThanOrEqual(sparse.length);
  expect(deep.length).toBeGreaterThan(0);
});
