import { planFileSchema } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { preparedPiece } from '../prep/just-holds';
import { coatName } from './coat-laid';

const planOf = (steps: readonly object[], food = 'courgette') =>
  planFromFile(
    planFileSchema.parse({
      format: 'drubek.plan',
      version: 2,
      food,
      cut: { shape: 'slice', thickness_mm: 10, diameter_mm: 40 },
      mass_g: 400,
      steps: [...steps, { step: 'cook', stages: [{ minutes: 20, temperature_c: 190 }] }],
    }),
  );

test.each<[string, object[], ReturnType<typeof coatName>]>([
  ['bare', [{ step: 'oil', mass_g: 8 }], null],
  ['crumbed', [{ step: 'dredge', layers: 1 }], 'crumb'],
  ['battered', [{ step: 'batter', mass_g: 150 }], 'batter'],
  ['in a film of batter', [{ step: 'batter', mass_g: 5 }], null],
  ['in nuts and a little flour', [{ step: 'coat', nuts_g: 40, flour_g: 10 }], 'nuts'],
  ['in a pinch of seeds', [{ step: 'coat', seeds_g: 3 }], null],
])('%s: a coat has a name where the engine gives it cells of its own', (_, steps, name) => {
  const plan = planOf(steps);
  expect(coatName(plan)).toBe(name);
  expect(preparedPiece(plan).state.coat !== null).toBe(name !== null);
});

test('what is sold crumbed has none of its own: it belongs to that food', () => {
  expect(coatName(planOf([], 'fish-fillet-crumbed'))).toBeNull();
});
