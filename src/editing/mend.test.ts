import { forecastPlan } from '../core/forecast/forecast';
import type { Warning } from '../core/forecast/warning';
import { planFileSchema, type PlanFile, type SecondPlanFile } from '../schemas/plan-file';
import { planFromFile } from '../schemas/plan-from-file';
import { writePlanFile } from '../schemas/write-plan';
import { mendOf } from './mend';
import { withServing } from './edit-loads';

type Steps = SecondPlanFile['steps'];
const cook = (
  minutes = 35,
  temperature_c = 195,
  events: { minute: number; action: 'shake' | 'open' }[] = [],
): Steps[number] => ({
  step: 'cook',
  stages: [{ minutes, temperature_c }],
  events: events.length > 0 ? events : [8, 13].map((minute) => ({ minute, action: 'shake' as const })),
});
const unturned = (minutes: number, temperature_c: number): Steps[number] => ({
  step: 'cook',
  stages: [{ minutes, temperature_c }],
});

const OIL: Steps[number] = { step: 'oil', film_g_m2: 40 };

const documentOf = (change: Partial<SecondPlanFile>): PlanFile =>
  planFileSchema.parse({
    format: 'drubek.plan',
    version: 2,
    food: 'potato-floury',
    cut: { shape: 'stick', thickness_mm: 10, length_mm: 70 },
    mass_g: 400,
    steps: [OIL, cook()],
    ...change,
  });

const CHIPS: Partial<SecondPlanFile> = { cut: { shape: 'slice', thickness_mm: 2, diameter_mm: 50 }, mass_g: 120 };

/** Each way to spoil a batch, as a plan that does. */
const SPOILT: [Warning['code'], Partial<SecondPlanFile>][] = [
  ['wet-pieces', { steps: [{ step: 'soak', minutes: 30 }, OIL, cook()] }],
  ['too-full', { mass_g: 1800 }],
  ['never-turned', { mass_g: 700, steps: [OIL, unturned(40, 195)] }],
  ['cut-uneven', { ...CHIPS, cut: { shape: 'slice', thickness_mm: 2, diameter_mm: 50, scatter: 0.4 } }],
  ['never-together', { ...CHIPS, steps: [OIL, cook(25, 190, [{ minute: 4, action: 'shake' }])] }],
  [
    'browns-before-cooked',
    {
      food: 'carrot',
      cut: { shape: 'stick', thickness_mm: 24, width_mm: 40, length_mm: 80 },
      steps: [{ step: 'dredge' }, OIL, cook(30, 230)],
    },
  ],
  ['sweet-burns', { steps: [OIL, { step: 'season', mass_g: 12, salt_share: 0.2 }, cook(30, 200)] }],
  ['dry-coat', { food: 'courgette', cut: { shape: 'slice', thickness_mm: 12 }, steps: [{ step: 'dredge' }, cook()] }],
  ['too-much-oil', { steps: [{ step: 'oil', mass_g: 90 }, cook(40, 180)] }],
  ['smoke', { steps: [{ step: 'oil', mass_g: 90 }, cook(35, 205)] }],
  ['oil-smokes', { steps: [{ step: 'oil', mass_g: 8, kind: 'olive' }, cook(35, 200)] }],
  [
    'over-boiled',
    { steps: [{ step: 'parcook', method: 'boil', minutes: 20 }, { step: 'dry', method: 'steam-dry' }, OIL, cook()] },
  ],
  [
    'peeking',
    {
      steps: [
        OIL,
        cook(
          35,
          195,
          [2, 4, 6, 8, 10, 12, 14, 16].map((minute) => ({ minute, action: 'open' as const })),
        ),
      ],
    },
  ],
  ['liner-loose', { mass_g: 100, fryer: { liner: true } }],
  ['slices-stick', { ...CHIPS, mass_g: 300, steps: [OIL, cook(30, 150, [{ minute: 9, action: 'shake' }])] }],
  [
    'no-binder',
    { food: 'courgette', cut: { shape: 'formed', diameter_mm: 30 }, mass_g: 300, steps: [OIL, cook(30, 190)] },
  ],
  [
    'marinade-warm',
    {
      food: 'tofu-firm',
      cut: { shape: 'cube', thickness_mm: 18 },
      steps: [{ step: 'marinate', minutes: 600, place: 'kitchen' }, OIL, cook(30, 175)],
    },
  ],
];

const codes = (document: PlanFile) => forecastPlan(planFromFile(document)).warnings.map(({ code }) => code);

test.each(SPOILT)('%s is warned of, and its mend is a plan without it', (code, change) => {
  const document = documentOf(change);
  const forecast = forecastPlan(planFromFile(document));
  const warning = forecast.warnings.find((one) => one.code === code);
  expect(forecast.warnings.map((one) => one.code)).toContain(code);
  let mend = mendOf(warning!, document, forecast.pull.time / 60)!;
  expect(planFileSchema.safeParse(writePlanFile(mend.document)).success).toBe(true);
  /* one press may not be enough for a basket four times too full; each must go on from the last */
  for (let presses = 1; presses < 3 && codes(mend.document).includes(code); presses++) {
    const next = forecastPlan(planFromFile(mend.document));
    mend = mendOf(
      next.warnings.find((one) => one.code === code)!,
      mend.document,
      next.pull.time / 60,
    )!;
  }
  expect(codes(mend.document)).not.toContain(code);
  expect(mend.document.mass_g).toBe(document.mass_g);
});

test('a towel goes where it dries: after the last dip, not before the first cook', () => {
  const document = documentOf({
    steps: [{ step: 'dry', method: 'towel' }, OIL, cook(12, 150), { step: 'dip', seconds: 10 }, cook()],
  });
  const mend = mendOf({ code: 'wet-pieces', filmGM2: 200 }, document, 10)!;
  expect(mend.document.prep.map(({ step }) => step)).toEqual(['dry', 'oil', 'cook', 'dip', 'dry']);
});

test('chips at full heat are mended by the dial, not by a shake', () => {
  const document = documentOf({ ...CHIPS, steps: [OIL, cook(25, 190, [{ minute: 4, action: 'shake' }])] });
  expect(mendOf({ code: 'never-together', peakShare: 0.6 }, document, 8)).toMatchObject({ kind: 'chips-cooler' });
  expect(mendOf({ code: 'window-narrow', width: 60 }, document, 8)?.document.cook.stages[0]!.temperature_c).toBe(150);
});

test('what dries before it browns is mended by a hotter dial, as its warning says', () => {
  const mend = mendOf(
    { code: 'dries-before-browning', moisture: 0.1 },
    documentOf({ steps: [OIL, cook(60, 120)] }),
    30,
  )!;
  expect(mend.document.cook.stages[0]!.temperature_c).toBe(140);
});

test('an ordinary batch is warned of nothing that hands do', () => {
  const ordinary = documentOf({
    steps: [{ step: 'soak', minutes: 30 }, { step: 'dry', method: 'towel' }, { step: 'oil', mass_g: 8 }, cook()],
  });
  const handling = SPOILT.map(([code]) => code);
  expect(codes(ordinary).filter((code) => handling.includes(code))).toEqual([]);
});

test('the two-hour rule counts what waits while the other loads cook', () => {
  const many = documentOf({
    mass_g: 3000,
    loads: { count: 6 },
    steps: [OIL, cook(60, 170), { step: 'rest', minutes: 20 }],
  });
  expect(codes(many)).toContain('two-hours');
  expect(codes({ ...many, loads: { ...many.loads, count: 3 } })).not.toContain('two-hours');
});

test('loads served together go back in for a moment, once', () => {
  const together = withServing(documentOf({ loads: { count: 3 } }), 'together');
  expect(together.after.filter(({ step }) => step === 'refresh')).toHaveLength(1);
  expect(withServing(together, 'together').after).toEqual(together.after);
});
