import { planFileSchema, type PlanFileInput } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { forecastFile } from '../../schemas/forecast-file';
import { warningText } from '../../ui/words/warning-text';
import { STANDARD_RESOLUTION } from '../batch/resolution';
import { forecastPlan } from './forecast';

const BASE: PlanFileInput = {
  format: 'drubek.plan',
  version: 1,
  food: 'potato-floury',
  cut: { shape: 'stick', thickness_mm: 10, length_mm: 70 },
  mass_g: 300,
  prep: [{ step: 'oil', film_g_m2: 40 }],
  cook: {
    stages: [{ minutes: 35, temperature_c: 195 }],
    events: [8, 13].map((minute) => ({ minute, action: 'shake' })),
  },
};
const forecast = (change: Partial<PlanFileInput>) =>
  forecastPlan(planFromFile(planFileSchema.parse({ ...BASE, ...change })), 1, STANDARD_RESOLUTION);
const codes = (change: Partial<PlanFileInput>) => forecast(change).warnings.map((warning) => warning.code);

test.each<[string, Partial<PlanFileInput>]>([
  ['power-limited', { mass_g: 1100, fryer: { power_w: 1200 } }],
  ['too-full', { mass_g: 1800 }],
  ['will-not-crisp', { cook: { stages: [{ minutes: 12, temperature_c: 120 }] } }],
  ['not-done-in-time', { cook: { stages: [{ minutes: 9, temperature_c: 195 }] } }],
  ['cut-uneven', { cut: { shape: 'slice', thickness_mm: 2, diameter_mm: 50, scatter: 0.4 }, mass_g: 120 }],
  ['smoke', { prep: [{ step: 'oil', mass_g: 60 }], cook: { stages: [{ minutes: 30, temperature_c: 210 }] } }],
  [
    'dries-before-browning',
    {
      cut: { shape: 'stick', thickness_mm: 5, length_mm: 60 },
      mass_g: 100,
      prep: [],
      cook: { stages: [{ minutes: 60, temperature_c: 110 }] },
    },
  ],
  [
    'browns-before-cooked',
    {
      food: 'carrot',
      cut: { shape: 'stick', thickness_mm: 24, width_mm: 40, length_mm: 80 },
      prep: [{ step: 'dredge' }, { step: 'oil', film_g_m2: 40 }],
      cook: { stages: [{ minutes: 30, temperature_c: 230 }] },
    },
  ],
  ['acrylamide-high', { storage: 'cold', target: { colour: 'brown', crispness: 'crisp' } }],
])('warns of %s where it is so, and not on an ordinary plan', (code, change) => {
  expect(codes(change)).toContain(code);
  expect(codes({})).not.toContain(code);
});

test('every warning of a printed forecast is one sentence with its code', () => {
  const { warnings } = forecast({ mass_g: 1800, fryer: { power_w: 900 } });
  expect(warnings.length).toBeGreaterThan(1);
  for (const warning of warnings) expect(warningText(warning, 'metric')).toMatch(/^[A-Z].*\.$/);
});

test('the printed forecast has a row a minute that only ever loses water', () => {
  const printed = forecastFile(forecast({}), { p10: 900, p50: 1000, p90: null }, () => '');
  expect(printed.pull_min).toEqual({ p10: 15, p50: Number((forecast({}).pull.time / 60).toFixed(2)), p90: null });
  expect(printed.done_min).toEqual(printed.pull_min);
  expect(printed.minutes.map((row) => row.minute)).toEqual(Array.from({ length: 35 }, (_, i) => i + 1));
  printed.minutes.slice(1).forEach((row, i) => {
    expect(row.water_lost).toBeGreaterThanOrEqual(printed.minutes[i]!.water_lost - 1e-4);
    expect(row.browning.p90).toBeGreaterThanOrEqual(row.browning.p10);
  });
  expect(printed.acrylamide).toMatch(/low|watch|high/);
  expect(printed.energy_kwh).toBeGreaterThan(0.2);
});
