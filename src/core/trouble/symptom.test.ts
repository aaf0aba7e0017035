import { simulateCook } from '../batch/simulate-cook';
import { findFood } from '../food/catalogue';
import type { Plan } from '../plan/plan';
import { planOfWay, waysOf } from '@/editing/ways/plan-of-way';
import { planFromFile } from '@/schemas/plan-from-file';
import { planWith } from './cause';
import { complains, featuresOf } from './symptom';

const FRYER = { id: 'f', name: 'F', powerW: 1500, basketCm2: 500, basketHeightMm: 90, thermostatOffsetC: 0 };

const planFor = (food: string, wayId: string, events: Plan['events']): Plan => ({
  ...planFromFile(
    planOfWay(
      findFood(food)!,
      waysOf(food).find(({ id }) => id === wayId)!,
      { people: 2, each: 170 },
      FRYER,
    ),
  ),
  events,
});
const SHAKEN = [4, 8, 12].map((minute) => ({ time: minute * 60, action: 'shake' as const }));
const featuresAt = (plan: Plan, pulledAt: number) => featuresOf(simulateCook(plan, 1), plan, pulledAt, 0, 40);

test('thin slices that nobody moves stick; moved early, and raw sticks, they do not', () => {
  const oneLayer = planFor('kohlrabi', 'chips', []);
  const chips = { ...oneLayer, mass: 3 * oneLayer.mass };
  const early = { ...chips, events: SHAKEN };
  const stuck = (plan: Plan) => complains('stuck', featuresAt(plan, 600), plan);
  expect(stuck(chips)).toBeGreaterThan(stuck(early) + 0.2);
  expect(stuck(planFor('carrot', 'sticks', SHAKEN))).toBeLessThan(0.1);
  const wet = planWith(planFor('carrot', 'sticks', []), 'wet-pieces', 0.2)!;
  expect(stuck(wet)).toBeGreaterThan(0.3);
});

test('what was boiled too soft breaks where it is shaken; raw pieces do not', () => {
  const boiled = planFor('potato-floury', 'boiled', SHAKEN);
  const tooSoft = planWith(boiled, 'soft-parcook', 2.2)!;
  const broke = (plan: Plan) => complains('broke', featuresAt(plan, 900), plan);
  expect(broke(tooSoft)).toBeGreaterThan(broke(boiled) + 0.2);
  expect(broke(planFor('potato-floury', 'sticks', SHAKEN))).toBeLessThan(0.1);
});

test('a coat that shuts while all the water is still in bursts more likely in a hotter fryer; bare pieces never do', () => {
  const battered = planFor('cauliflower', 'battered', SHAKEN);
  const hot = planWith(battered, 'hot-fryer', 22)!;
  const shut = (plan: Plan) => featuresAt(plan, 900).shutIn;
  expect(shut(battered)).toBeGreaterThan(0);
  expect(shut(hot)).toBeGreaterThan(shut(battered));
  expect(complains('burst', featuresAt(planFor('carrot', 'sticks', SHAKEN), 900), battered)).toBe(0);
});
