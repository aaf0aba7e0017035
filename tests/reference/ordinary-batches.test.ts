import { listFoods } from '@/core/food/catalogue';
import { forecastPlan } from '@/core/forecast/forecast';
import { planFileSchema } from '@/schemas/plan-file';
import { planFromFile } from '@/schemas/plan-from-file';
import { ORDINARY_BATCHES } from './ordinary-batches';

test('ordinary batches over every food and coat: most inside what cooks say, none off by a quarter', () => {
  let inside = 0;
  const far: string[] = [];
  for (const { id, plan, minutes } of ORDINARY_BATCHES) {
    const { pull, inTime } = forecastPlan(planFromFile(planFileSchema.parse(plan)));
    const minute = inTime ? pull.time / 60 : Infinity;
    if (minute >= minutes[0] && minute <= minutes[1]) inside++;
    if (minute < 0.75 * minutes[0] || minute > 1.25 * minutes[1]) far.push(id);
  }
  expect(far).toEqual([]);
  expect(inside / ORDINARY_BATCHES.length).toBeGreaterThan(0.87);
});

test('the table covers the catalogue', () => {
  const foods = new Set(ORDINARY_BATCHES.map(({ plan }) => plan.food));
  expect(
    listFoods()
      .map(({ id }) => id)
      .filter((id) => !foods.has(id)),
  ).toEqual([]);
  expect(new Set(ORDINARY_BATCHES.map(({ id }) => id)).size).toBe(ORDINARY_BATCHES.length);
});
