import { forecastDish } from '../core/evening/forecast-dish';
import { EMPTYING, FILLING } from '../core/evening/fried-ways';
import { forecastToPull } from '../core/forecast/forecast';
import { asLoaded } from '../core/plan/cut-as-loaded';
import { FIRST_PLAN } from '../schemas/first-plan';
import { loadOrder } from '../schemas/load-order';
import { type PlanFile, planFileSchema } from '../schemas/plan-file';
import { planFromFile, wholePlanFromFile } from '../schemas/plan-from-file';
import { writePlanFile } from '../schemas/write-plan';
import { type EveningLoad, planOfLoad, timesOf } from './evening-load';
import { openingsFor, openingsOf } from './openings-for';

const PLAN: PlanFile = {
  ...FIRST_PLAN,
  mass_g: 700,
  loads: { count: 2, serve: 'together', coat: 'at-once' },
  cook: { ...FIRST_PLAN.cook, openings: 'chosen' },
};
const START = Date.UTC(2026, 10, 27, 17);
const NONE = { steps: new Map() };
const opened = openingsFor(PLAN, 1);
const dish = forecastDish('fryer:a', wholePlanFromFile(opened), loadOrder(opened), 1);
const loads: EveningLoad[] = dish.loads.map(({ pull, openings }, i) => ({
  step: `chips:load-${i + 1}`,
  fryer: 'fryer:a',
  plan: PLAN,
  openings: openingsOf(openings),
  begin: START + i * 1_800_000,
  length: FILLING + pull + EMPTYING,
}));
const pullOf = (plan: PlanFile) => forecastToPull(asLoaded(planFromFile(plan)), 1).pull.time;

test('each load is cooked as the order of the evening reckons with it: the same openings, the same moment to pull', () => {
  const [first, second] = [planOfLoad(loads, 0, NONE), planOfLoad(loads, 1, NONE)];
  expect(openingsOf(planFromFile(first).events)).toEqual(loads[0]!.openings);
  expect(Math.abs(pullOf(first) - dish.loads[0]!.pull)).toBeLessThan(2);
  /* the second finds the fryer as the first left it, to the whole degree in which a plan says so */
  expect(second.fryer.preheat).toBeNull();
  expect(Math.abs(pullOf(second) - dish.loads[1]!.pull)).toBeLessThan(4);
});

test('a load knows those before it, as they were told; it is a plan that can be kept', () => {
  const loadedAt = START + FILLING * 1000;
  const run = { steps: new Map([['chips:load-1', { begun: START, done: START + 1_000_000 }]]) };
  expect(timesOf(loads[0]!, run)).toMatchObject({ loadedAt, doneAt: START + 1_000_000 });
  const second = planOfLoad(loads, 1, run);
  expect(second.loads).toMatchObject({
    current: 2,
    earlier: [{ loaded_at: new Date(loadedAt).toISOString(), pulled_at: new Date(START + 1_000_000).toISOString() }],
  });
  expect(planFileSchema.safeParse(JSON.parse(JSON.stringify(writePlanFile(second)))).success).toBe(true);
});

test('in another fryer, and first of all in any, a load finds it hot; a preheat of the plan is kept', () => {
  const apart = loads.map((load, i) => (i === 1 ? { ...load, fryer: 'fryer:b' } : load));
  const { temperature_c } = PLAN.cook.stages[0]!;
  expect(planOfLoad(apart, 1, NONE).fryer.preheat).toEqual({ minutes: 4, temperature_c });
  const preheat = { minutes: 9, temperature_c: 170 };
  const own = loads.map((load) => ({ ...load, plan: { ...PLAN, fryer: { ...PLAN.fryer, preheat } } }));
  expect(planOfLoad(own, 0, NONE).fryer.preheat).toEqual(preheat);
});

test('what was seen in a load says when it is due', () => {
  const run = { steps: new Map([['chips:load-1', { begun: START, done: null, due: START + 1_500_000 }]]) };
  expect(timesOf(loads[0]!, run)).toEqual({
    loadedAt: START + FILLING * 1000,
    doneAt: null,
    dueAt: START + 1_500_000,
  });
});
