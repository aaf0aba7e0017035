/** @jest-environment jsdom */
jest.mock('@/ui/field/colour-field', () => ({ ColourField: () => null }));

import { FIRST_PLAN } from '@/schemas/first-plan';
import { planFromFile } from '@/schemas/plan-from-file';
import { startBy } from './forecast-panel';

test('start-by counts back rest, cook and preparation from the table, across midnight too', () => {
  const plan = planFromFile(FIRST_PLAN);
  /* 30 min soak, 4 min of hands beside the preheat, 20 min cook, 2 min rest */
  expect(startBy(plan, 1200, '19:00')).toBe('18:04');
  expect(startBy(plan, 1200, '00:10')).toBe('23:14');
  expect(startBy(plan, 1200, '')).toBeNull();
});
