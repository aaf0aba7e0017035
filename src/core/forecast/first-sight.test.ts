import { SHAKEN_PLAN } from '../../../tests/support/shaken-plan';
import { planFromFile } from '../../schemas/plan-from-file';
import { firstSightOf } from './first-sight';
import { forecastPlan } from './forecast';
import { forecastInterval } from './interval';

const plan = planFromFile(SHAKEN_PLAN);
const { forecast, interval } = firstSightOf(plan, 1);

test('what is seen first is what will stand there: moment, window, warnings and interval; its picture is coarse', () => {
  const later = forecastPlan(plan, 1);
  expect(forecast).toEqual({ ...later, record: forecast.record, track: forecast.track });
  const { p10, p50, p90 } = forecastInterval(plan, 1);
  expect(interval.p10).toBeCloseTo(p10!, 6);
  expect(interval.p50).toBeCloseTo(p50!, 6);
  expect(interval.p90).toBeCloseTo(p90!, 6);
  expect(forecast.record.pieces).toBeLessThan(later.record.pieces);
  expect(forecast.record.samples * forecast.record.interval).toBeCloseTo(
    later.record.samples * later.record.interval,
    -2,
  );
});

test('it is small enough to come with the page', () => {
  const bytes = [forecast.record, forecast.track]
    .flatMap((part) => Object.values(part) as unknown[])
    .reduce((sum: number, value) => sum + (ArrayBuffer.isView(value) ? value.byteLength : 0), 0);
  expect(bytes).toBeLessThan(16_000);
});
