import { sticks } from '../../../tests/support/sticks';
import { STANDARD_RESOLUTION } from '../batch/resolution';
import { simulateCook } from '../batch/simulate-cook';
import { listFoods } from './catalogue';

test('every food of the catalogue is physical and cooks to an end', () => {
  const foods = listFoods();
  expect(foods.length).toBeGreaterThanOrEqual(39);
  expect(new Set(foods.map((food) => food.id)).size).toBe(foods.length);
  for (const food of foods) {
    expect(Object.values(food.composition).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
    expect(food.ramp[0]!.lab[0]).toBeGreaterThan(food.ramp[5]!.lab[0]);
    const plan = sticks({ food: food.id, cut: { shape: 'cube', thickness_mm: 14 }, mass_g: 250 });
    const record = simulateCook(plan, 1, { ...STANDARD_RESOLUTION, pieces: 6 });
    expect(record.repairs).toBe(0);
    expect(record.browning.every(Number.isFinite)).toBe(true);
    expect(record.browning.at(-1)!).toBeGreaterThan(0.3);
  }
});
