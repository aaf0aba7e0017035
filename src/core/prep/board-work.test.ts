import { FIRST_PLAN } from '../../schemas/first-plan';
import { type PlanFile, planFileSchema } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { FIRST_FILE } from '../../../tests/support/first-file';
import { boardWork } from './board-work';

const minutes = (change: Partial<PlanFile> = {}) => boardWork(planFromFile({ ...FIRST_PLAN, ...change })) / 60;

test('half a kilogram of sticks takes some minutes on the board; thinner ones and larger loads take longer', () => {
  expect(minutes()).toBeGreaterThan(3);
  expect(minutes()).toBeLessThan(9);
  expect(minutes({ cut: { shape: 'stick', thickness_mm: 6, length_mm: 70, scatter: 0.07 } })).toBeGreaterThan(
    minutes(),
  );
  expect(minutes({ mass_g: 1000 })).toBeCloseTo(2 * minutes(), 0);
});

test('a mandoline is quicker than a knife', () => {
  const slices = (scatter: number): Partial<PlanFile> => ({
    cut: { shape: 'slice', thickness_mm: 2, diameter_mm: 50, scatter },
    mass_g: 150,
  });
  expect(minutes(slices(0.03))).toBeLessThan(minutes(slices(0.12)) / 2);
});

test('what comes in pieces is not cut', () => {
  expect(minutes({ food: 'chickpea-cooked' })).toBe(0);
  expect(minutes({ food: 'fish-fillet-crumbed' })).toBe(0);
  expect(minutes({ start_temperature_c: -18 })).toBe(0);
});

test('a food that is added later is cut and oiled before the first goes in, too', () => {
  const withAdded = (prep: object[]) =>
    boardWork(
      planFromFile(
        planFileSchema.parse({
          ...FIRST_FILE,
          cook: {
            ...FIRST_FILE.cook,
            events: [
              {
                minute: 10,
                action: 'add',
                part: {
                  food: 'courgette',
                  cut: { shape: 'slice', thickness_mm: 8, diameter_mm: 45 },
                  mass_g: 120,
                  prep,
                },
              },
            ],
          },
        }),
      ),
    ) / 60;
  const cut = withAdded([]);
  expect(cut).toBeGreaterThan(minutes() + 0.3);
  expect(cut).toBeLessThan(minutes() + 3);
  expect(withAdded([{ step: 'oil', mass_g: 3 }])).toBeCloseTo(cut + 1, 3);
});
