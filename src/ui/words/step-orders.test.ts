import { FIRST_PLAN } from '../../schemas/first-plan';
import { wholePlanFromFile } from '../../schemas/plan-from-file';
import { newAfterSteps, newPrepSteps } from '../../editing/edit-steps';
import { prepPhrase } from './plan-text';
import { spoonText } from './spoon-text';
import { stepOrder } from './step-orders';

const plan = wholePlanFromFile(FIRST_PLAN);

test('every step says what to do, in both unit systems, and nothing reads as undefined', () => {
  for (const step of [...newPrepSteps(500), ...newAfterSteps(500)]) {
    for (const units of ['metric', 'us'] as const) {
      const { text, amount, caution } = stepOrder(step, plan, units);
      expect(text).toMatch(/^[A-Z]/);
      expect(`${text} ${amount} ${caution}`).not.toMatch(/undefined|NaN/);
    }
  }
  for (const step of newPrepSteps(500)) expect(prepPhrase(step, 'metric')).not.toMatch(/undefined|NaN/);
});

test('amounts come with spoons or cups, and in a US kitchen with ounces', () => {
  expect(spoonText(8, 'starch', 'metric')).toBe('8 g (1 tbsp)');
  expect(spoonText(3, 'salt', 'metric')).toBe('3 g (½ tsp)');
  expect(spoonText(120, 'crumbs', 'us')).toMatch(/^4\.2 oz \(120 g\), 1⅛ cup$/);
});

test('what can hurt is said at its step: hot water, hot oil, hot pieces, raw dough, a long marinade', () => {
  const caution = (step: Parameters<typeof stepOrder>[0]) => stepOrder(step, plan, 'metric').caution ?? '';
  expect(caution({ step: 'soak', water_c: 90, minutes: 10 })).toMatch(/scalds.*cold glass/);
  expect(caution({ step: 'soak', water_c: 15, minutes: 30 })).toBe('');
  expect(caution({ step: 'parcook', method: 'boil', minutes: 4, water_c: 75 })).toMatch(/Drain away from you/);
  expect(caution({ step: 'parcook', method: 'microwave', minutes: 4, water_c: 75 })).toMatch(/Prick/);
  expect(caution({ step: 'parcook', method: 'par-fry', minutes: 1, water_c: 75 })).toMatch(/never water/);
  expect(caution({ step: 'press-flat', thickness_mm: 9 })).toMatch(/hot inside/);
  expect(caution({ step: 'marinate', minutes: 720 })).toMatch(/fridge/);
  expect(caution({ step: 'dredge', layers: 1 })).toMatch(/gluten and egg; instead of egg/);
  expect(caution({ step: 'dress', with: 'herb-oil', mass_g: 10 })).toMatch(/within four days/);
  expect(caution({ step: 'refresh', minutes: 4, temperature_c: 190 })).toMatch(/74 °C/);
});

test('a coat of one’s own names its allergens and what burns', () => {
  const coat = newPrepSteps(500).find((step) => step.step === 'coat')!;
  expect(stepOrder({ ...coat, cheese_g: 10, sugar_g: 5 } as typeof coat, plan, 'metric').caution).toBe(
    'Contains gluten, egg, milk. Without egg: as much thick aquafaba. Sugar burns early: a lower dial.',
  );
});
