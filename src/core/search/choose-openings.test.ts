import { sticks } from '../../../tests/support/sticks';
import { chooseOpenings } from './choose-openings';

test('a deeper load wants more openings than a sparse one, and none are asked for in vain', () => {
  const sparse = chooseOpenings(sticks({ mass_g: 120 }), 1);
  const deep = chooseOpenings(sticks({ mass_g: 600 }), 1);
  expect(deep.length).toBeGreaterThanOrEqual(sparse.length);
  expect(deep.length).toBeGreaterThan(0);
});

test('no two openings are chosen within two minutes, also where thin slices must be moved early', () => {
  for (const mass_g of [80, 120, 160]) {
    const times = chooseOpenings(sticks({ food: 'carrot', cut: { shape: 'slice', thickness_mm: 2 }, mass_g }), 1)
      .map(({ time }) => time)
      .toSorted((a, b) => a - b);
    expect(times[0]).toBeLessThan(300);
    for (let i = 1; i < times.length; i++) expect(times[i]! - times[i - 1]!).toBeGreaterThanOrEqual(120);
  }
});
