import { planFileSchema, type SecondPlanFile } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { medianSoftness, sampleAt } from '../batch/record-statistics';
import { forecastPlan } from './forecast';

type Target = NonNullable<SecondPlanFile['target']>;

const forecast = (target: Target, change: Partial<SecondPlanFile> = {}) =>
  forecastPlan(
    planFromFile(
      planFileSchema.parse({
        format: 'drubek.plan',
        version: 2,
        food: 'potato-floury',
        cut: { shape: 'stick', thickness_mm: 10, length_mm: 70 },
        mass_g: 500,
        steps: [
          { step: 'oil', mass_g: 10 },
          { step: 'cook', stages: [{ minutes: 45, temperature_c: 190 }], events: [{ minute: 10, action: 'shake' }] },
        ],
        ...change,
        target,
      }),
    ),
  );

test('very crisp comes later than crisp, brown later than golden, first colour before pale', () => {
  const pull = (target: Target) => forecast(target).pull.time;
  expect(pull({ colour: 'golden', crispness: 'very-crisp' })).toBeGreaterThan(
    pull({ colour: 'golden', crispness: 'crisp' }) + 60,
  );
  expect(pull({ colour: 'brown', crispness: 'crisp' })).toBeGreaterThan(pull({ colour: 'golden', crispness: 'crisp' }));
  expect(pull({ colour: 'first', crispness: 'tender' })).toBeLessThan(pull({ colour: 'golden', crispness: 'tender' }));
});

test('soft enough to press is when the hearts give, whatever the crust', () => {
  const { record, pull } = forecast({ colour: 'first', crispness: 'soft' });
  expect(medianSoftness(record, sampleAt(record, pull.time))).toBeGreaterThan(0.85);
  expect(medianSoftness(record, sampleAt(record, pull.time - 120))).toBeLessThan(0.9);
});

test('chewy is dried, but not yet glass: between moist and hard', () => {
  const slices: Partial<SecondPlanFile> = {
    food: 'beetroot',
    cut: { shape: 'slice', thickness_mm: 4, diameter_mm: 50 },
    mass_g: 250,
    steps: [{ step: 'cook', stages: [{ minutes: 70, temperature_c: 120 }], events: [{ minute: 15, action: 'shake' }] }],
  };
  const chewy = forecast({ colour: 'golden', crispness: 'chewy' }, slices);
  const moisture = chewy.record.moisture[sampleAt(chewy.record, chewy.pull.time)]!;
  expect(moisture).toBeGreaterThan(0.15);
  expect(moisture).toBeLessThan(0.7);
  /* past it they are dark to the judge: too hard */
  const last = chewy.track.samples - 1;
  expect(chewy.track.shares[4 * last + 1]).toBeLessThan(0.2);
});

test('where one crisp side is enough, a batch that is never turned is right sooner, and nobody is told to turn it', () => {
  const steps: SecondPlanFile['steps'] = [
    { step: 'oil', mass_g: 8 },
    { step: 'cook', stages: [{ minutes: 45, temperature_c: 190 }] },
  ];
  const slices: Partial<SecondPlanFile> = {
    food: 'aubergine',
    cut: { shape: 'slice', thickness_mm: 12, diameter_mm: 60 },
    mass_g: 300,
    steps,
  };
  const both = forecast({ colour: 'golden', crispness: 'crisp' }, slices);
  const one = forecast({ colour: 'golden', crispness: 'crisp', faces: 'one' }, slices);
  const turned = forecast(
    { colour: 'golden', crispness: 'crisp' },
    {
      ...slices,
      steps: [
        steps[0]!,
        {
          step: 'cook',
          stages: [{ minutes: 45, temperature_c: 190 }],
          events: [7, 11, 14].map((minute) => ({ minute, action: 'flip' })),
        },
      ],
    },
  );
  expect(one.peak.share).toBeGreaterThan(0.75);
  expect(both.peak.share).toBeLessThan(0.2);
  expect(turned.peak.share).toBeGreaterThan(both.peak.share);
  expect(one.pull.time).toBeLessThan(turned.pull.time);
  expect(one.warnings.map(({ code }) => code)).not.toContain('never-turned');
});

test('some soft and some dark: best when half of the pieces have come to the wish, earlier than all alike', () => {
  const target: Target = { colour: 'golden', crispness: 'crisp' };
  const even = forecast(target, { mass_g: 900 });
  const mixed = forecast({ ...target, spread: 'mixed' }, { mass_g: 900 });
  expect(mixed.peak.time).toBeLessThan(even.peak.time);
  expect(mixed.peak.share).toBeGreaterThan(0.8);
  for (let s = 0; s < mixed.track.samples; s++) {
    const row = mixed.track.shares.slice(4 * s, 4 * s + 4);
    expect(row.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
    expect(Math.min(...row)).toBeGreaterThanOrEqual(-1e-9);
  }
});
