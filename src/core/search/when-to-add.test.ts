import { planFileSchema } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { FIRST_FILE } from '../../../tests/support/first-file';
import { whenToAdd } from './when-to-add';

const withAdded = (food: string, thickness_mm: number, minute: number) =>
  planFromFile(
    planFileSchema.parse({
      ...FIRST_FILE,
      mass_g: 350,
      cook: {
        stages: [{ minutes: 35, temperature_c: 190 }],
        events: [
          { minute: 9, action: 'shake' },
          {
            minute,
            action: 'add',
            part: {
              food,
              cut: { shape: 'stick', thickness_mm, length_mm: 60 },
              mass_g: 120,
              prep: [{ step: 'oil', mass_g: 3 }],
            },
          },
        ],
      },
    }),
  );

test('thinner pieces go in later, and more of all are right together than from the start or as planned', () => {
  const found = whenToAdd(withAdded('carrot', 5, 2), 1, 1);
  expect(found.time).toBeGreaterThan(120);
  expect(found.share).toBeGreaterThan(found.planned);
});

test('the moment does not depend on where the opening was planned', () => {
  const [early, late] = [2, 12].map((minute) => whenToAdd(withAdded('carrot', 5, minute), 1, 1));
  expect(early!.time).toBe(late!.time);
  expect(early!.share).toBe(late!.share);
});

test('the same pieces go in with the others', () => {
  expect(whenToAdd(withAdded('potato-floury', 10, 6), 1, 1).time).toBeLessThanOrEqual(120);
});
