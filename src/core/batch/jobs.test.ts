import fc from 'fast-check';
import { anyJobFile } from '../../../tests/support/any-plan-file';
import { planFileSchema, type SecondPlanFile } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { pieceGeometry, scaleThickness } from '../cut/piece-geometry';
import { batchYield } from '../cut/batch-yield';
import { forecastPlan } from '../forecast/forecast';
import { createSeededRandom } from '../numeric/seeded-random';
import { rawPieces } from '../piece/raw-pieces';
import { cutAsLoaded } from '../plan/cut-as-loaded';
import type { Plan } from '../plan/plan';
import { stockOf, SUBSTANCES } from '../prep/ledger';
import { prepareBatch } from '../prep/prepare-batch';
import { cookEarlier } from './earlier-cook';
import { STANDARD_RESOLUTION } from './resolution';

type Steps = SecondPlanFile['steps'];

const FRY: Steps[number] = { step: 'cook', stages: [{ minutes: 30, temperature_c: 195 }] };
const OIL: Steps[number] = { step: 'oil', mass_g: 10 };

const planOf = (steps: Steps, change: Partial<SecondPlanFile> = {}) =>
  planFromFile(
    planFileSchema.parse({
      format: 'drubek.plan',
      version: 2,
      food: 'potato-floury',
      cut: { shape: 'stick', thickness_mm: 10, length_mm: 70 },
      mass_g: 500,
      ...change,
      steps,
    }),
  );

/** Two uneven pieces taken through the first `steps` of a plan's preparation, with the fryer it has. */
function preparedUntil(plan: Plan, steps = plan.preparation.length) {
  const geometries = [0.9, 1.1].map((factor) => pieceGeometry(scaleThickness(plan.cut, factor)));
  const volume = geometries.reduce((sum, one) => sum + one.volume, 0);
  const pieces = batchYield(plan.food, plan.cut, plan.mass).volume / volume;
  const area = Float64Array.from(geometries, (one) => (pieces * one.surface) / 2);
  const own = { ...plan, preparation: plan.preparation.slice(0, steps) };
  const fry = cookEarlier(plan, createSeededRandom(5), STANDARD_RESOLUTION);
  const ready = prepareBatch(rawPieces(own, geometries, 17), own, area, 1, fry);
  return { ...ready, stock: stockOf(ready.state, ready.area), raw: stockOf(rawPieces(own, geometries, 17), area) };
}

test('every gram is followed through cooks, cold, presses and knives between them, to 1e-9', () => {
  fc.assert(
    fc.property(anyJobFile, (input) => {
      const plan = planFromFile(planFileSchema.parse(input));
      for (let steps = 0; steps <= plan.preparation.length; steps++) {
        const { stock, raw, prepared } = preparedUntil(plan, steps);
        for (const substance of SUBSTANCES) {
          const crossed = prepared.flows.reduce(
            (sum, flow) => (flow.substance === substance ? sum + flow.mass : sum),
            0,
          );
          expect(Math.abs(stock[substance] - raw[substance] - crossed)).toBeLessThan(1e-9 * plan.mass);
        }
      }
    }),
    { numRuns: 25, seed: 20261126, endOnFailure: true },
  );
});

test('any job is forecast with numbers, and the same twice', () => {
  fc.assert(
    fc.property(anyJobFile, (input) => {
      const plan = planFromFile(planFileSchema.parse(input));
      const forecast = forecastPlan(plan);
      expect(Number.isFinite(forecast.pull.time)).toBe(true);
      expect(forecast.record.crispness.every(Number.isFinite)).toBe(true);
      expect(forecastPlan(plan).pull).toEqual(forecast.pull);
    }),
    { numRuns: 12, seed: 7, endOnFailure: true },
  );
});

test('a night in the fridge: pieces go in at its temperature and come out later', () => {
  const boil: Steps[number] = { step: 'parcook', method: 'boil', minutes: 4 };
  const warm = planOf([boil, { step: 'dry', method: 'steam-dry' }, OIL, FRY]);
  const cold = planOf([boil, { step: 'dry', method: 'steam-dry' }, { step: 'chill', hours: 12 }, OIL, FRY]);
  const { state } = preparedUntil(cold);
  for (const temperature of state.temperature) expect(temperature).toBeCloseTo(277.15, 0);
  expect(Math.max(...preparedUntil(warm).state.temperature)).toBeGreaterThan(300);
  expect(forecastPlan(cold).pull.time).toBeGreaterThan(forecastPlan(warm).pull.time + 20);
});

test('frozen sticks take minutes longer than fridge-cold ones, and their hearts wait at the freezing point', () => {
  const cold = forecastPlan(planOf([OIL, FRY], { start_temperature_c: 4 }));
  const frozen = forecastPlan(planOf([OIL, FRY], { start_temperature_c: -18 }));
  expect(frozen.pull.time - cold.pull.time).toBeGreaterThan(90);
  expect(frozen.pull.time - cold.pull.time).toBeLessThan(420);
  const at = (minute: number) => frozen.record.centreTemperature[(minute * 60) / frozen.record.interval]! - 273.15;
  expect(at(1)).toBeGreaterThan(-10);
  expect(at(2)).toBeLessThan(6);
});

test('what was frozen and thawed within a job is as cold as the freezer on its way in', () => {
  const { state } = preparedUntil(planOf([OIL, { step: 'freeze', hours: 10 }, FRY]));
  expect(state.holdsIce).toBe(true);
  for (const temperature of state.temperature) expect(temperature - 273.15).toBeLessThan(-14);
});

test('fry, press flat, fry: the first cook ends when soft enough to press, and flat pieces dry faster', () => {
  const first: Steps[number] = { step: 'cook', stages: [{ minutes: 25, temperature_c: 160 }], until: 'soft' };
  const cubes: Partial<SecondPlanFile> = { cut: { shape: 'cube', thickness_mm: 22 } };
  const plan = planOf([OIL, first, { step: 'press-flat', thickness_mm: 9 }, OIL, FRY], cubes);
  const { state, prepared, area } = preparedUntil(plan);
  expect(prepared.cooked).toHaveLength(1);
  expect(prepared.cooked[0]).toBeGreaterThan(180);
  expect(prepared.cooked[0]).toBeLessThan(25 * 60);
  expect(prepared.coreSoftness).toBeGreaterThan(0.85);
  expect(state.halfThickness[0]).toBeCloseTo(0.0045, 9);
  const before = preparedUntil(plan, 2);
  expect(2 * area.reduce((a, b) => a + b)).toBeGreaterThan(2.1 * before.area.reduce((a, b) => a + b));
  expect(cutAsLoaded(plan)).toMatchObject({ shape: 'disc' });
  /* thin and wide: they give off more water in the first ten minutes than the cubes they were */
  const lost = (steps: Steps) => forecastPlan(planOf(steps, cubes)).record.waterLost[30]!;
  const flat: Steps = [OIL, first, { step: 'press-flat', thickness_mm: 9 }, OIL, FRY];
  expect(lost(flat)).toBeGreaterThan(1.1 * lost([OIL, first, OIL, FRY]));
});

test('cooked whole, chilled, then cut: the sticks are soft all through and fry sooner than raw ones', () => {
  const whole: Partial<SecondPlanFile> = { cut: { shape: 'cylinder', diameter_mm: 55, length_mm: 80 } };
  const sticks: Steps[number] = { step: 'cut', cut: { shape: 'stick', thickness_mm: 10, length_mm: 70 } };
  const plan = planOf(
    [{ step: 'parcook', method: 'boil', minutes: 30 }, { step: 'chill', hours: 12 }, sticks, OIL, FRY],
    whole,
  );
  const { state, prepared, area } = preparedUntil(plan);
  expect(prepared.coreSoftness).toBeGreaterThan(0.5);
  expect(new Set(state.moisture).size).toBe(1);
  expect(cutAsLoaded(plan)).toMatchObject({ shape: 'stick', thickness: 0.01 });
  expect(area.reduce((a, b) => a + b)).toBeGreaterThan(3 * preparedUntil(plan, 2).area.reduce((a, b) => a + b));
  const raw = planOf([OIL, FRY]);
  expect(forecastPlan(plan).pull.time).toBeLessThan(forecastPlan(raw).pull.time);
});

test('a coat laid on pieces that were fried begins as pale as any coat', () => {
  const first: Steps[number] = { step: 'cook', stages: [{ minutes: 18, temperature_c: 190 }] };
  const { state } = preparedUntil(planOf([OIL, first, { step: 'dredge' }, FRY]));
  expect(Math.max(...state.browning)).toBe(0);
  expect(Math.max(...preparedUntil(planOf([OIL, first, FRY])).state.browning)).toBeGreaterThan(0.2);
});

test('acid water browns less, salted water seasons', () => {
  const dip = (bath: 'water' | 'salted' | 'acid'): Steps => [
    { step: 'dip', bath, seconds: 20 },
    { step: 'dry', method: 'towel' },
    FRY,
  ];
  const factor = (bath: 'water' | 'acid') => preparedUntil(planOf(dip(bath))).state.browningFactor[0]!;
  expect(factor('acid') / factor('water')).toBeCloseTo(0.85, 2);
  expect(preparedUntil(planOf(dip('salted'))).state.seasoning[0]).toBeGreaterThan(0.003);
});
