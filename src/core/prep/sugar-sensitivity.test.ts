import { type FirstPlanFile, planFileSchema } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { preparedPiece } from './just-holds';
import { sugarSensitivity } from './sugar-sensitivity';

const planOf = (food: string, prep: FirstPlanFile['prep'] = []) =>
  planFromFile(
    planFileSchema.parse({
      format: 'drubek.plan',
      version: 1,
      food,
      cut: { shape: 'stick', thickness_mm: 10, length_mm: 70 },
      mass_g: 500,
      prep,
      cook: { stages: [{ minutes: 20, temperature_c: 195 }] },
    }),
  );
const of = (...of: Parameters<typeof planOf>) => sugarSensitivity(planOf(...of));

test('browning hangs on the sugar of potatoes by half, hardly on that of carrots, which have plenty', () => {
  expect(of('potato-floury')).toBeGreaterThan(0.4);
  expect(of('potato-floury')).toBeLessThan(0.7);
  expect(of('carrot')).toBeGreaterThan(0.05);
  expect(of('carrot')).toBeLessThan(0.2);
});

test('a soak that takes sugar makes the rest of it count for more; under crumbs it counts for nothing', () => {
  const soak = { step: 'soak' as const, minutes: 120, water_c: 15 };
  expect(of('carrot', [soak])).toBeGreaterThan(of('carrot') + 0.1);
  expect(of('carrot', [{ step: 'dredge', layers: 1 }])).toBeCloseTo(0, 9);
});

test('it is what the whole preparation gives, boiled pieces too', () => {
  const plan = planOf('parsnip', [
    { step: 'parcook', method: 'boil', minutes: 6, water_c: 100 },
    { step: 'dry', method: 'towel' },
    { step: 'oil', mass_g: 10 },
  ]);
  const factor = (by: number) =>
    Math.log(preparedPiece({ ...plan, reducingSugar: plan.reducingSugar * Math.exp(by) }).state.browningFactor[0]!);
  expect(sugarSensitivity(plan)).toBeCloseTo((factor(0.05) - factor(-0.05)) / 0.1, 1);
});
