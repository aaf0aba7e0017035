import { nextAction } from '@/core/run/next-action';
import { forecastPlan } from '@/core/forecast/forecast';
import { planFileSchema } from '@/schemas/plan-file';
import { planFromFile } from '@/schemas/plan-from-file';
import { forecastFile } from '@/schemas/forecast-file';
import { pullText } from '@/ui/words/forecast-text';
import { cardSteps } from '@/ui/words/prep-steps';
import { batchForecast } from './batch-forecast';
import { calendarOf } from './calendar-file';
import { startBy, stretchesOf } from './start-by';
import { ORDINARY_BATCHES } from '../../../tests/reference/ordinary-batches';

const FIVE = [
  'potato sticks 10 mm',
  'courgette slices, crumbed',
  'kale, 80 g',
  'potato chips 2 mm',
  'crumbed chicken strips',
];

test.each(FIVE)('%s: headline, card, calendar, log, run, start and forecast file speak of one moment', (id) => {
  const document = planFileSchema.parse(ORDINARY_BATCHES.find((one) => one.id === id)!.plan);
  const plan = planFromFile(document);
  const forecast = forecastPlan(plan);
  const minute = Math.round(forecast.pull.time / 60);
  expect(pullText(forecast)).toBe(`Pull after about ${minute} min`);
  expect(
    cardSteps(document, forecast, 'metric').some(({ text }) => text.startsWith(`Pull after about ${minute} min;`)),
  ).toBe(true);
  expect(Math.round(batchForecast(forecast, null).done_min!)).toBe(minute);
  expect(nextAction(forecast, [], 0, forecast.pull.time).at).toBe(forecast.pull.time);
  expect(forecastFile(forecast, { p10: null, p50: null, p90: null }, () => '').pull_min.p50).toBeCloseTo(
    forecast.pull.time / 60,
    1,
  );
  const table = new Date(2026, 10, 26, 19, 0);
  const pulled = new Date(table.getTime() - 120_000);
  const stamp = `T${String(pulled.getUTCHours()).padStart(2, '0')}${String(pulled.getUTCMinutes()).padStart(2, '0')}`;
  expect(calendarOf(document, forecast.pull.time, forecast.pull.time, table, 'metric')).toContain(stamp);
  expect(startBy(stretchesOf(plan, forecast.pull.time), '19:00')).toMatch(/^\d\d:\d\d$/);
});
