import { CAUSES } from '../core/trouble/cause';
import { planFromFile } from '../schemas/plan-from-file';
import { planFileSchema, type PlanFile } from '../schemas/plan-file';
import { writePlanFile } from '../schemas/write-plan';
import { pastBatch } from '../../tests/support/batch';
import { SHAKEN_PLAN } from '../../tests/support/shaken-plan';
import { complaintOf } from './complaint-of';
import { evidenceOf } from './evidence-of';
import { explainDifference } from './explain-difference';
import { mendAgainst } from './trouble-mend';

const oily: PlanFile = {
  ...SHAKEN_PLAN,
  cut: { ...SHAKEN_PLAN.cut, scatter: 0.2 },
  start_temperature_c: 4,
  fryer: { ...SHAKEN_PLAN.fryer, preheat: null },
  prep: [
    ...SHAKEN_PLAN.prep,
    { step: 'starch', mass_g: 12 },
    { step: 'parcook', method: 'boil', minutes: 8, water_c: 100 },
  ],
  after: [{ step: 'rest', place: 'heap', minutes: 10, salt_g: 0 }],
};

test.each(CAUSES)('the mend against %s changes the plan, and it is still one that any kitchen reads', (cause) => {
  const mended = mendAgainst(cause, oily);
  expect(mended).not.toEqual(oily);
  expect(planFileSchema.parse(JSON.parse(JSON.stringify(writePlanFile(mended))))).toMatchObject({ food: oily.food });
  expect(() => planFromFile(mended)).not.toThrow();
});

test('a cooler dial gets more time, a hotter one no more than a fryer has', () => {
  const [stage] = mendAgainst('hot-fryer', oily).cook.stages;
  expect(stage!.temperature_c).toBe(oily.cook.stages[0]!.temperature_c - 15);
  expect(stage!.minutes).toBeGreaterThan(oily.cook.stages[0]!.minutes);
  const hottest: PlanFile = { ...oily, cook: { ...oily.cook, stages: [{ minutes: 20, temperature_c: 225 }] } };
  expect(mendAgainst('cool-fryer', hottest).cook.stages[0]!.temperature_c).toBe(230);
});

test('an outcome complains of what was told, not of what the wish did not ask for', () => {
  const outcome = pastBatch().outcome!;
  expect(complaintOf({ ...outcome, crispness: 'soft', browning: 0.2 }, SHAKEN_PLAN, 1200).symptoms).toEqual(
    expect.arrayContaining(['soggy', 'pale', 'raw-inside']),
  );
  const tender: PlanFile = { ...SHAKEN_PLAN, target: { colour: 'pale', crispness: 'tender' } };
  expect(complaintOf({ ...outcome, crispness: 'tender', browning: 0.4, faults: [] }, tender, 1200).symptoms).toEqual(
    [],
  );
  expect(
    complaintOf({ ...outcome, liked: 'too-dark', faults: ['greasy', 'stuck'], evenness: 'uneven' }, SHAKEN_PLAN, null),
  ).toMatchObject({
    pulledAt: null,
    symptoms: ['dark', 'uneven', 'greasy', 'stuck'],
  });
});

test('a batch that is not out, or has no outcome, says nothing', () => {
  expect(evidenceOf(pastBatch({ outcome: null })).answers).toBe(0);
  expect(evidenceOf(pastBatch({ events: pastBatch().events.slice(0, 2) })).answers).toBe(0);
  expect(evidenceOf(pastBatch()).answers).toBeGreaterThan(1);
});

test('a difference of one thing is explained by that thing alone; the same plan by nothing', () => {
  const ended = (one: PlanFile, other: PlanFile) => {
    const steps = explainDifference(one, other);
    for (;;) {
      const step = steps.next();
      if (step.done) return step.value;
    }
  };
  expect(ended(SHAKEN_PLAN, SHAKEN_PLAN)).toMatchObject({ parts: [], together: 0 });
  const cooler: PlanFile = {
    ...SHAKEN_PLAN,
    cook: {
      ...SHAKEN_PLAN.cook,
      stages: SHAKEN_PLAN.cook.stages.map((stage) => ({ ...stage, temperature_c: stage.temperature_c - 20 })),
    },
  };
  const { one, other, parts, together } = ended(SHAKEN_PLAN, cooler);
  expect(parts.map(({ aspect }) => aspect)).toEqual(['dial']);
  expect(parts[0]!.makes).toBeCloseTo(other - one, 6);
  expect(parts[0]!.makes).toBeGreaterThan(30);
  expect(together).toBeCloseTo(0, 6);
});
