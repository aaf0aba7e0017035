import { STANDARD_RESOLUTION } from '../batch/resolution';
import { planFileSchema, type PlanFileInput } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { forecastPlan } from './forecast';

const budget = (mass_g: number, cut: PlanFileInput['cut']) =>
  forecastPlan(
    planFromFile(
      planFileSchema.parse({
        format: 'drubek.plan',
        version: 1,
        food: 'potato-floury',
        cut,
        mass_g: 400,
        prep: [{ step: 'oil', mass_g }],
        cook: { stages: [{ minutes: 5, temperature_c: 190 }] },
      }),
    ),
    1,
    STANDARD_RESOLUTION,
  ).oil;
const sticks = { shape: 'stick', thickness_mm: 10, length_mm: 70 } as const;
const chips = { shape: 'slice', thickness_mm: 1.5, diameter_mm: 50 } as const;

test('what stays and what drips is what was used; a flood only drips', () => {
  const modest = budget(8, sticks);
  expect(modest.held).toBeCloseTo(0.008, 6);
  expect(modest.dripping).toBeCloseTo(0, 6);
  const flood = budget(60, sticks);
  expect(flood.held + flood.dripping).toBeCloseTo(0.06, 6);
  expect(flood.dripping).toBeGreaterThan(0.02);
});

test('deep frying takes up more, by surface: chips far more than sticks', () => {
  const [stick, chip] = [budget(8, sticks), budget(8, chips)];
  expect(stick.deepFried).toBeGreaterThan(2 * stick.held);
  expect(chip.deepFried / stick.deepFried).toBeGreaterThan(2.5);
  expect(stick.deepFried / 0.4).toBeGreaterThan(0.04);
  expect(stick.deepFried / 0.4).toBeLessThan(0.09);
});
