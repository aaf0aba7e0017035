import { SHAKEN_PLAN } from '../../../tests/support/shaken-plan';
import { MEMBER_RESOLUTION } from '../../core/batch/resolution';
import { forecastPlan } from '../../core/forecast/forecast';
import { planFromFile } from '../../schemas/plan-from-file';
import { foodColour } from '../colour/food-colours';
import { fieldBackground } from './field-background';
import { fieldParts } from './field-parts';
import { sortedFaces } from './paint-field';

const plan = planFromFile(SHAKEN_PLAN);
const { record } = forecastPlan(plan, 1, MEMBER_RESOLUTION);
const parts = fieldParts(plan);

test('a strip for each face, from raw to what it is at the end, palest above', () => {
  const { backgroundImage, backgroundPosition } = fieldBackground(record, parts);
  const strips = String(backgroundImage).split('linear-gradient').slice(1);
  expect(strips).toHaveLength(2 * record.pieces);
  expect(String(backgroundPosition).split(',')).toHaveLength(strips.length);
  const last = sortedFaces(record, record.samples - 1);
  const { ramp } = parts[0]!;
  strips.forEach((strip, row) => {
    expect(strip).toContain(`${foodColour(ramp, sortedFaces(record, 1)[row]!)} 0%`);
    expect(strip).toMatch(/ 100%\),?$/);
    expect(strip).toContain(foodColour(ramp, last[row]!));
  });
});

test('neighbours that are alike are one, so that it stays small', () => {
  expect(JSON.stringify(fieldBackground(record, parts)).length).toBeLessThan(20_000);
});
