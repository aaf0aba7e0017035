import { planFileSchema, type FirstPlanFile } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { preparedPiece } from './just-holds';
import { sugarDiffusivity } from './sugar-leaching';

const sliceOf = (prep: NonNullable<FirstPlanFile['prep']>) =>
  preparedPiece(
    planFromFile(
      planFileSchema.parse({
        format: 'drubek.plan',
        version: 1,
        food: 'potato-floury',
        cut: { shape: 'slice', thickness_mm: 2, diameter_mm: 50 },
        mass_g: 200,
        prep,
        cook: { stages: [{ minutes: 20, temperature_c: 160 }] },
      }),
    ),
    21,
  );

/** Share of the reducing sugar of a 2 mm potato slice lost in 40 min. */
function lostAt(celsius: number): number {
  const { state } = sliceOf([{ step: 'soak', water_c: celsius, minutes: 40 }]);
  const raw = sliceOf([]).state;
  const sum = (sugar: Float64Array) => sugar.reduce((total, one) => total + one, 0);
  return 1 - sum(state.sugar) / sum(raw.sugar);
}

test('a 2 mm potato slice loses about a quarter of its sugar in 40 min at room temperature, 33–40 % well above 60 °C', () => {
  expect(lostAt(22)).toBeGreaterThan(0.21);
  expect(lostAt(22)).toBeLessThan(0.29);
  expect(lostAt(70)).toBeGreaterThan(0.33);
  expect(lostAt(70)).toBeLessThan(0.42);
});

test('membranes fail smoothly between 50 and 60 °C, not at one degree', () => {
  const at = (celsius: number) => sugarDiffusivity(celsius + 273.15);
  for (let celsius = 40; celsius < 75; celsius++) {
    expect(at(celsius + 1)).toBeGreaterThanOrEqual(at(celsius));
    expect(at(celsius + 1) / at(celsius)).toBeLessThan(1.15);
  }
});

test('rinsing takes loose starch, less with every water, and never the whole skin', () => {
  const solids = (changes: number) =>
    sliceOf([{ step: 'rinse', changes }]).state.solids.reduce((total, one) => total + one, 0);
  const [one, two, three] = [solids(1), solids(2), solids(3)];
  expect(one).toBeGreaterThan(two);
  expect(one - two).toBeGreaterThan(two - three);
  expect(Math.min(...sliceOf([{ step: 'rinse', changes: 10 }]).state.solids)).toBeGreaterThan(0);
});
