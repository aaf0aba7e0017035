import type { PlanOutcome } from '../../core/forecast/plan-outcome';
import { planOutcome } from '../../../tests/support/outcome';
import { SHAKEN_PLAN } from '../../../tests/support/shaken-plan';
import { FIRST_PLAN } from '../../schemas/first-plan';
import { planFileSchema } from '../../schemas/plan-file';
import { besideTexts } from './beside-text';
import { openingsText, openingsUntil } from './opening-text';
import { planDifferences } from './plan-differences';
import { sizedCut } from './plan-text';
import { cardSteps } from './prep-steps';
import { priceText, stretchText } from './price-text';
import { sensitivityText } from './sensitivity-text';

const base = planOutcome({ windowWidth: 150 });

test.each<[Partial<PlanOutcome>, string]>([
  [{}, 'no difference here'],
  [{ pullTime: 1280 }, '1½ min later'],
  [{ pullTime: 1160, peakShare: 0.99 }, '½ min sooner, 9 % more right'],
  [{ pullTime: null }, 'not done in time'],
  [{ windowWidth: 90, acrylamide: 'watch' }, 'window 1 min shorter, acrylamide watch'],
  [{ breakage: 0.2 }, '20 % may break'],
  [{ handsOn: 240, preparation: 1940 }, '1 min less work'],
  [{ preparation: 3800 }, '30 min more waiting'],
])('the price of %j reads %s', (change, words) => {
  const { pullTime = base.pullTime } = change;
  expect(priceText(base, planOutcome({ ...base, ...change, atFryer: pullTime }))).toBe(words);
});

test('a stretch is said to the half minute', () => {
  expect(stretchText(42)).toBe('½ min');
  expect(stretchText(-125)).toBe('2 min');
  expect(stretchText(450)).toBe('7½ min');
});

test('two plans differ in what was changed and in nothing else', () => {
  expect(planDifferences(SHAKEN_PLAN, SHAKEN_PLAN, 'metric')).toEqual([]);
  const other = { ...SHAKEN_PLAN, mass_g: 300, prep: SHAKEN_PLAN.prep.slice(1) };
  expect(planDifferences(SHAKEN_PLAN, other, 'metric')).toEqual([
    { what: 'Load', one: '500 g', other: '300 g' },
    { what: 'Soak', one: 'soaked 30 min at 15 °C', other: 'none' },
  ]);
});

test('a slip is told with its numbers, in the kitchen’s units', () => {
  const slip = { factor: 'thermostat', by: -10, pullShift: 95, peakShift: -0.06, weight: 2 } as const;
  expect(sensitivityText(slip, 'metric')).toBe('A fryer that runs 10 °C cool: 1½ min later, −6 % right');
  expect(sensitivityText(slip, 'us')).toContain('18 °F cool');
  expect(sensitivityText({ ...slip, pullShift: null, peakShift: 0 }, 'metric')).toContain('not done in time');
});

test('a card goes from the cut to the rest, with the openings that come before the end', () => {
  const steps = cardSteps(
    SHAKEN_PLAN,
    { pull: { time: 16 * 60, share: 1 }, inTime: true, firstCheck: 14 * 60 },
    'metric',
  ).map((step) => step.text);
  expect(steps[0]).toMatch(/^Cut: .*500 g, about 66 pieces/);
  expect(steps).toContain('After 7 min: Shake.');
  expect(steps).toContain('Turn in oil in a bowl until all shine: 10 g (2⅛ tsp) of oil.');
  expect(steps).not.toContain('After 17 min: Shake.');
  expect(steps.at(-2)).toMatch(/^Pull after about 16 min; begin looking after 14 min/);
  expect(steps.at(-1)).toBe('Rest on a rack.');
});

test('what is opened after the pull is not said to come', () => {
  const events = [19, 8, 14].map((minute) => ({ minute, action: 'shake' as const }));
  const document = { ...FIRST_PLAN, cook: { ...FIRST_PLAN.cook, events } };
  expect(openingsText(document, 'metric')).toBe('shake after 8, 14, 19 min');
  expect(openingsText(document, 'metric', 16 * 60)).toBe('shake after 8, 14 min');
  expect(openingsUntil(document, 14 * 60).map(({ minute }) => minute)).toEqual([8]);
});

test('what goes in later is said to stand ready before the drawer is loaded', () => {
  const part = {
    food: 'courgette',
    mass_g: 120,
    cut: { shape: 'slice', thickness_mm: 8, diameter_mm: 45 },
    prep: [{ step: 'oil', mass_g: 3 }],
  };
  const events = [
    { minute: 14, action: 'shake' },
    { minute: 11, action: 'add', part },
  ];
  const steps = [{ step: 'cook', stages: [{ minutes: 25, temperature_c: 195 }], events }];
  const document = planFileSchema.parse({
    format: 'drubek.plan',
    version: 2,
    food: 'potato-floury',
    cut: { shape: 'stick', thickness_mm: 10, length_mm: 70 },
    mass_g: 400,
    steps,
  });
  const beside = '120 g of courgette, 8 mm slices, oil 3 g (⅝ tsp); goes in after 11 min';
  expect(besideTexts(document, 'metric', null)).toEqual([beside]);
  expect(besideTexts(document, 'metric', 11 * 60)).toEqual([]);
  const texts = cardSteps(document, { pull: { time: 1300, share: 1 }, inTime: true, firstCheck: 1000 }, 'metric').map(
    ({ text }) => text,
  );
  expect(texts.indexOf(`Have ready: ${beside}.`)).toBe(texts.indexOf('Load the basket.') - 1);
  expect(besideTexts(FIRST_PLAN, 'metric', null)).toEqual([]);
});

test('a cut is named with its size', () => {
  expect(sizedCut({ shape: 'stick', thickness: 0.01, width: 0.01, length: 0.07 }, 'metric')).toBe('10 mm sticks');
  expect(sizedCut({ shape: 'cylinder', diameter: 0.012, length: 0.15 }, 'metric')).toBe('whole, 12 mm thick');
});
