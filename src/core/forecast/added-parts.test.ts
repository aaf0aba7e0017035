import { STANDARD_RESOLUTION } from '../batch/resolution';
import { simulateCook } from '../batch/simulate-cook';
import { planFileSchema, type FirstPlanFile } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { pullTimeOf } from './interval';
import { forecastPlan } from './forecast';
import { trackShares } from './shares';

const FILE: FirstPlanFile = {
  format: 'drubek.plan',
  version: 1,
  food: 'potato-floury',
  cut: { shape: 'stick', thickness_mm: 12, length_mm: 70 },
  mass_g: 300,
  prep: [{ step: 'oil', film_g_m2: 40 }],
  cook: { stages: [{ minutes: 45, temperature_c: 190 }], events: [{ minute: 12, action: 'shake' }] },
};
type Part = Extract<NonNullable<FirstPlanFile['cook']['events']>[number], { action: 'add' }>['part'];
const withAdded = (minute: number, part: Part) =>
  planFromFile(
    planFileSchema.parse({
      ...FILE,
      cook: { ...FILE.cook, events: [...FILE.cook.events!, { minute, action: 'add', part }] },
    }),
  );
const thin: Part = {
  cut: { shape: 'stick', thickness_mm: 6, length_mm: 70 },
  mass_g: 150,
  prep: [{ step: 'oil', film_g_m2: 40 }],
};

test('pieces added later have no colour before, and brown from then on', () => {
  const record = simulateCook(withAdded(8, thin), 1, STANDARD_RESOLUTION);
  expect(record.pieces).toBe(24);
  expect([...record.part]).toEqual([...Array(16).fill(0), ...Array(8).fill(1)]);
  const brownest = (sample: number) =>
    Math.max(...record.browning.slice(2 * (sample * 24 + 16), 2 * (sample + 1) * 24));
  expect(brownest(23)).toBe(0);
  expect(brownest(24 + 30)).toBeGreaterThan(0.05);
});

test('what is added loads the fryer: the first pieces are later than alone', () => {
  const alone = planFromFile(planFileSchema.parse(FILE));
  const first = (plan: typeof alone) => {
    const record = simulateCook(plan, 1, STANDARD_RESOLUTION);
    const at = Math.round((20 * 60) / record.interval) * record.pieces;
    const faces = Array.from({ length: 32 }, (_, f) => record.browning[2 * at + f]!);
    return faces.reduce((sum, value) => sum + value, 0);
  };
  expect(first(withAdded(5, { ...thin, mass_g: 400 }))).toBeLessThan(0.9 * first(alone));
});

test('thin pieces that go in later come right together with thick ones; put in at once they do not', () => {
  const peak = (minute: number) => forecastPlan(withAdded(minute, thin), 1, STANDARD_RESOLUTION).peak.share;
  expect(Math.max(peak(5), peak(7), peak(9))).toBeGreaterThan(peak(0) + 0.1);
});

test('each part is judged by its own food and wish; what is left out is as in the plan', () => {
  const plan = withAdded(6, { food: 'carrot', mass_g: 150, target: { colour: 'pale', crispness: 'tender' } });
  const part = plan.events.find((event) => event.action === 'add')!.part!;
  expect(part.food.id).toBe('carrot');
  expect(part.cut).toEqual(plan.cut);
  expect(part.target.colour).toBe('pale');
  const record = simulateCook(plan, 1, STANDARD_RESOLUTION);
  const shares = trackShares(record, plan);
  const sums = Array.from({ length: record.samples }, (_, s) =>
    [0, 1, 2, 3].reduce((sum, verdict) => sum + shares.shares[4 * s + verdict]!, 0),
  );
  sums.forEach((sum) => expect(sum).toBeCloseTo(1, 9));
  expect(pullTimeOf(record, plan)).toBeGreaterThan(6 * 60);
});

test('oil of an added part counts into the oil of the batch; an add without pieces is refused', () => {
  const plan = withAdded(8, { ...thin, prep: [{ step: 'oil', mass_g: 5 }] });
  const alone = forecastPlan(planFromFile(planFileSchema.parse(FILE)), 1, STANDARD_RESOLUTION).oil.used;
  expect(forecastPlan(plan, 1, STANDARD_RESOLUTION).oil.used - alone).toBeCloseTo(0.005, 9);
  const parsed = planFileSchema.safeParse({ ...FILE, cook: { ...FILE.cook, events: [{ minute: 3, action: 'add' }] } });
  expect(parsed.success).toBe(false);
});
