import fc from 'fast-check';
import { planFileSchema } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { anyPlanFile } from '../../../tests/support/any-plan-file';
import { ORDINARY_BATCHES } from '../../../tests/reference/ordinary-batches';
import { simulateCook } from '../batch/simulate-cook';
import { energyUntil } from '../batch/record-statistics';
import { STANDARD_RESOLUTION } from '../batch/resolution';
import { findBestMoment } from './best-moment';
import { forecastPlan, forecastToPull } from './forecast';
import { goingOn, pullTimeOf, withBrowning } from './interval';
import { watchMoment } from './known-moment';
import { trackShares } from './shares';

const ordinary = ORDINARY_BATCHES.map(({ id, plan }) => [id, planFromFile(planFileSchema.parse(plan))] as const);

test.each(ordinary.filter((_, i) => i % 4 === 0))(
  '%s: ended early, its moment, window and best are the same',
  (_, plan) => {
    const [whole, early] = [forecastPlan(plan), forecastToPull(plan)];
    for (const point of ['pull', 'peak', 'window', 'inTime', 'firstCheck'] as const) {
      expect(early[point]).toEqual(whole[point]);
    }
    expect(early.acrylamide).toBe(whole.acrylamide);
    const power = plan.fryer.maximumPower;
    expect(energyUntil(early.record, early.pull.time, power)).toBeCloseTo(
      energyUntil(whole.record, whole.pull.time, power),
      0,
    );
  },
);

test('so it is for any plan whatever', () => {
  fc.assert(
    fc.property(anyPlanFile, (file) => {
      const plan = planFromFile(planFileSchema.parse(file));
      const [whole, early] = [forecastPlan(plan), forecastToPull(plan)];
      expect(early.pull).toEqual(whole.pull);
      expect(early.window).toEqual(whole.window);
      expect(early.inTime).toBe(whole.inTime);
    }),
    { numRuns: 60, seed: 4 },
  );
});

test('where the stages of ordinary batches go on by half, a third of the steps and more is left out', () => {
  let [taken, all] = [0, 0];
  for (const [, plan] of ordinary.filter((_, i) => i % 6 === 1)) {
    const longer = goingOn(plan);
    taken += forecastToPull(longer).record.samples;
    all += forecastPlan(longer).record.samples;
  }
  expect(taken / all).toBeLessThan(0.7);
});

test('watched for several brownings, it is known for each of them', () => {
  const [, plan] = ordinary[0]!;
  const scales = [0.5, 1, 1.8];
  const whole = simulateCook(plan, 1, STANDARD_RESOLUTION);
  const early = simulateCook(plan, 1, STANDARD_RESOLUTION, watchMoment(plan, scales));
  expect(early.samples).toBeLessThanOrEqual(whole.samples);
  for (const scale of scales) {
    const moment = (record: typeof whole) => findBestMoment(trackShares(withBrowning(record, scale), plan));
    expect(moment(early).pull).toEqual(moment(whole).pull);
    expect(pullTimeOf(withBrowning(early, scale), plan)).toBe(pullTimeOf(withBrowning(whole, scale), plan));
  }
});

test('energy until a moment grows with it, up to all that was drawn', () => {
  const [, plan] = ordinary[0]!;
  const { record } = forecastPlan(plan);
  const until = (minute: number) => energyUntil(record, minute * 60, plan.fryer.maximumPower);
  expect(until(5)).toBeLessThan(until(12));
  expect(until(1000)).toBeCloseTo(record.energy, 6);
});
