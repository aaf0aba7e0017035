import { sticks } from '../../../tests/support/sticks';
import { forecastPlan } from './forecast';
import { forecastInterval } from './interval';

test('the interval widens the point, and keeps counting a while beyond the stages', () => {
  const short = sticks({ cook: { stages: [{ minutes: 14, temperature_c: 195 }] } });
  expect(forecastPlan(short).inTime).toBe(false);
  const { p10, p50, p90 } = forecastInterval(short, 1);
  expect(p50!).toBeGreaterThan(14 * 60);
  expect(p90! - p10!).toBeGreaterThan(120);
});
