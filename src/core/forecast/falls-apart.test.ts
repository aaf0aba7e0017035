import { planFileSchema, type SecondPlanFile } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { fallsApart } from './falls-apart';
import { forecastPlan } from './forecast';
import { temperingTime } from './tempering-time';

const balls = (before: SecondPlanFile['steps']) =>
  planFromFile(
    planFileSchema.parse({
      format: 'drubek.plan',
      version: 2,
      food: 'courgette',
      cut: { shape: 'formed', diameter_mm: 35 },
      mass_g: 500,
      steps: [...before, { step: 'cook', stages: [{ minutes: 30, temperature_c: 185 }] }],
    }),
  );

test('grated courgette falls apart; egg alone helps, egg and flour hold it, cut pieces are never asked', () => {
  const egg = { step: 'bind', with: 'egg', mass_g: 50 } as const;
  const flour = { step: 'bind', with: 'flour', mass_g: 50 } as const;
  expect(fallsApart(balls([]))).toBeGreaterThan(0.4);
  expect(fallsApart(balls([egg]))).toBeLessThan(fallsApart(balls([])) - 0.2);
  expect(fallsApart(balls([egg, flour]))).toBe(0);
  expect(fallsApart({ ...balls([]), cut: { shape: 'cube', thickness: 0.02 } })).toBe(0);
});

test('what binds is in the basket: it is weighed', () => {
  const weight = (before: SecondPlanFile['steps']) => forecastPlan(balls(before)).record.weight[0]! * 1000;
  const plain = weight([]);
  expect(weight([{ step: 'bind', with: 'flour', mass_g: 60 }])).toBeCloseTo(plain + 60, 4);
  expect(weight([{ step: 'bind', with: 'egg', mass_g: 60 }])).toBeCloseTo(plain + 60, 4);
});

test('thicker pieces cool more slowly, and a lower mark takes longer', () => {
  const stick = (thickness: number) => ({ shape: 'stick', thickness, width: thickness, length: 0.07 }) as const;
  const thin = temperingTime(stick(0.006), 333.15);
  expect(thin).toBeGreaterThan(60);
  expect(temperingTime(stick(0.012), 333.15)).toBeGreaterThan(1.7 * thin);
  expect(temperingTime(stick(0.006), 318.15)).toBeGreaterThan(1.5 * thin);
  expect(temperingTime(stick(0.006), 380)).toBe(0);
});
