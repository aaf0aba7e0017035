import type { Alternative } from '../core/search/trade-off';
import { FIRST_PLAN } from '../schemas/first-plan';
import { fileWithAlternative } from './found-plan';
import { planFileSchema, type PlanFile } from '../schemas/plan-file';
import { planFromFile } from '../schemas/plan-from-file';
import { writePlanFile } from '../schemas/write-plan';

const document: PlanFile = {
  ...FIRST_PLAN,
  mass_g: 900,
  cook: { ...FIRST_PLAN.cook, events: [...FIRST_PLAN.cook.events, { minute: 10, action: 'oil', mass_g: 4 }] },
};

test('a found plan takes loads, stages, preheat and shakes; the dinner and oil midway stay whole', () => {
  const plan = planFromFile(document);
  const alternative: Alternative = {
    batches: 3,
    asItStands: false,
    score: { time: 3000, evenness: 1, attention: 5 },
    plan: {
      ...plan,
      preheat: { duration: 240, temperature: 443.15 },
      stages: [
        { duration: 480, temperature: 443.15 },
        { duration: 1200, temperature: 473.15 },
      ],
      events: [{ time: 540, action: 'shake' }],
    },
  };
  const found = fileWithAlternative(document, alternative);
  expect(found.mass_g).toBe(900);
  expect(found.loads.count).toBe(3);
  expect(planFromFile(found).mass).toBeCloseTo(0.3, 9);
  expect(found.prep).toEqual(document.prep);
  expect(found.cook.stages).toEqual([
    { minutes: 8, temperature_c: 170 },
    { minutes: 20, temperature_c: 200 },
  ]);
  expect(found.fryer.preheat).toEqual({ minutes: 4, temperature_c: 170 });
  expect(found.cook.events).toEqual([
    { minute: 10, action: 'oil', mass_g: 4 },
    { minute: 9, action: 'shake' },
  ]);
  expect(planFileSchema.safeParse(writePlanFile(found)).success).toBe(true);
  expect(fileWithAlternative(document, { ...alternative, asItStands: true })).toBe(document);
  expect(
    fileWithAlternative(document, { ...alternative, plan: { ...alternative.plan, preheat: null } }).fryer.preheat,
  ).toBeNull();
});
