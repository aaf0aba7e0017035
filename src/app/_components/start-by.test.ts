import { FIRST_PLAN } from '@/schemas/first-plan';
import { planFromFile } from '@/schemas/plan-from-file';
import { readyInstead, startBy, stretchesOf } from './start-by';

const stretches = stretchesOf(planFromFile(FIRST_PLAN), 1200);

test('start-by counts back rest, cook and preparation from the table, across midnight too', () => {
  /* 4 min on the board, 30 min soak, 4 min of hands beside the preheat, 20 min cook, 2 min rest */
  expect(startBy(stretches, '19:00')).toBe('17:59');
  expect(startBy(stretches, '00:10')).toBe('23:09');
  expect(startBy(stretches, '')).toBeNull();
});

test('too late is said with when it would be ready, and only while that time of day is still to come', () => {
  const at = (clock: string) => new Date(`2026-11-26T${clock}:00`);
  expect(readyInstead(stretches, '19:00', at('17:50'))).toBeNull();
  expect(readyInstead(stretches, '19:00', at('18:10'))).toMatch(/^19:1\d$/);
  expect(readyInstead(stretches, '19:00', at('19:01'))).toBeNull();
  expect(readyInstead(stretches, '', at('18:10'))).toBeNull();
});
