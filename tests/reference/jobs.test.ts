import { forecastPlan } from '@/core/forecast/forecast';
import { planFileSchema } from '@/schemas/plan-file';
import { planFromFile } from '@/schemas/plan-from-file';
import { writePlanFile } from '@/schemas/write-plan';
import { cardSteps } from '@/ui/words/prep-steps';
import { JOBS } from './jobs';

test.each(JOBS.map((job) => [job.id, job] as const))('%s: read, written, forecast and told', (_, { plan }) => {
  const document = planFileSchema.parse(plan);
  expect(planFileSchema.parse(JSON.parse(JSON.stringify(writePlanFile(document))))).toEqual(document);
  const forecast = forecastPlan(planFromFile(document));
  expect(forecast.inTime).toBe(true);
  expect(forecast.peak.share).toBeGreaterThan(0.6);
  expect(forecast.record.crispness.every(Number.isFinite)).toBe(true);
  for (const units of ['metric', 'us'] as const) {
    const card = cardSteps(document, forecast, units);
    expect(card.length).toBeGreaterThanOrEqual(document.prep.length + document.after.length + 4);
    for (const { text } of card) expect(text).toMatch(/^[A-Z0-9].*\.$/);
    /* hot, sharp or raw: something to beware of stands on every card */
    expect(card.filter(({ caution }) => caution).length).toBeGreaterThan(1);
  }
});

test('twenty jobs, no two alike', () => {
  expect(JOBS).toHaveLength(20);
  expect(new Set(JOBS.map(({ plan }) => JSON.stringify(plan.steps))).size).toBe(20);
});
