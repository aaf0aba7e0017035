import { FIRST_PLAN } from '@/schemas/first-plan';
import { planFromFile, wholePlanFromFile } from '@/schemas/plan-from-file';
import { oilGrams, stationFigure } from './station-figure';

test('what is weighed for all loads stands as one figure, however many loads there are', () => {
  const document = { ...FIRST_PLAN, loads: { ...FIRST_PLAN.loads, count: 3 } };
  const load = planFromFile(document);
  expect(stationFigure('produce', document, load, 'metric')).toBe('500 g');
  expect(stationFigure('coat', document, load, 'metric')).toBe('10 g oil');
  expect(oilGrams(wholePlanFromFile(document))).toBeCloseTo(10, 9);
  expect(stationFigure('load', document, load, 'metric')).not.toBe(
    stationFigure('load', FIRST_PLAN, planFromFile(FIRST_PLAN), 'metric'),
  );
});
