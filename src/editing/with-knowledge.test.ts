import { forecastLoads } from '../core/forecast/forecast-loads';
import type { Evidence } from '../core/learn/evidence';
import { learn } from '../core/learn/kitchen-model';
import { QUANTITIES } from '../core/learn/quantities';
import { loadOrder } from '../schemas/load-order';
import { type PlanFile, planFileSchema } from '../schemas/plan-file';
import { planFromFile, wholePlanFromFile } from '../schemas/plan-from-file';
import { withKnowledge, withoutKnowledge } from './with-knowledge';

const DAY = new Date(2026, 10, 20);

const plan = planFileSchema.parse({
  format: 'drubek.plan',
  version: 2,
  food: 'carrot',
  cut: { shape: 'stick', thickness_mm: 11, length_mm: 70 },
  mass_g: 600,
  fryer: { power_w: 2400, drawers: 2 },
  loads: { count: 2, drawers: [1, 2] },
  steps: [
    { step: 'oil', mass_g: 8 },
    { step: 'cook', stages: [{ minutes: 40, temperature_c: 190 }] },
  ],
});

/** A test that says how far the thermostat of one drawer lies from its dial, in standard deviations. */
const says = (drawer: 1 | 2, by: number) => {
  const at = QUANTITIES.indexOf('offset');
  const n = QUANTITIES.length;
  const evidence: Evidence = {
    information: Array.from({ length: n * n }, (_, i) => (i === at * (n + 1) ? 400 : 0)),
    vector: QUANTITIES.map((_, i) => (i === at ? 400 * by : 0)),
    answers: 2,
  };
  return {
    id: `d${drawer}`,
    fryer: 'Pair',
    drawer,
    food: null,
    coat: null,
    kin: 'vegetable',
    season: 0,
    evidence,
  } as const;
};
const { knowledge } = learn([says(1, -1.5), says(2, 1)]);
const known = withKnowledge(plan, 'Pair', knowledge, DAY);

test('a plan for two drawers carries what is known of each, and each load is cooked in its own', () => {
  const [first, second] = known.learnt!.drawers!;
  expect(first!.offset_c).toBeLessThan(-8);
  expect(second!.offset_c).toBeGreaterThan(4);
  expect(known.learnt!.offset_c).toBe(first!.offset_c);
  const { loads } = forecastLoads(wholePlanFromFile(known), loadOrder(known), 1);
  expect(loads[0]!.forecast.pull.time).toBeGreaterThan(loads[1]!.forecast.pull.time + 60);
  const turned: PlanFile = { ...known, loads: { ...known.loads, drawers: [2, 1] } };
  const [hot] = forecastLoads(wholePlanFromFile(turned), loadOrder(turned), 1).loads;
  expect(hot!.forecast.pull.time).toBeCloseTo(loads[1]!.forecast.pull.time, 6);
});

test('the load in hand is cooked in the drawer that it goes into', () => {
  const offset = (current: number) =>
    planFromFile({ ...known, loads: { ...known.loads, current } }).fryer.thermostatOffset;
  expect(offset(1)).toBeCloseTo(known.learnt!.drawers![0]!.offset_c, 9);
  expect(offset(2)).toBeCloseTo(known.learnt!.drawers![1]!.offset_c, 9);
});

test('one drawer carries no list of them; what was learnt comes off again', () => {
  const single = {
    ...plan,
    fryer: { ...plan.fryer, drawers: 1 as const },
    loads: { ...plan.loads, drawers: undefined },
  };
  expect(withKnowledge(single as PlanFile, 'Pair', knowledge, DAY).learnt).not.toHaveProperty('drawers');
  expect(withoutKnowledge(known)).toEqual(plan);
});
