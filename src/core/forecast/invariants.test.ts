import fc from 'fast-check';
import { cutThickness, pieceGeometry } from '../cut/piece-geometry';
import { STANDARD_RESOLUTION } from '../batch/resolution';
import { simulateCook } from '../batch/simulate-cook';
import { createPieceState } from '../piece/piece-state';
import { stepPieces } from '../piece/piece-step.kernel';
import { tissueOf } from '../piece/tissue';
import { findFood } from '../food/catalogue';
import { planParts } from '../plan/plan';
import { freshLayers } from '../fryer/layers';
import { oilFactor, maillardFactor } from '../prep/browning-factor';
import { anyPlanFile } from '../../../tests/support/any-plan-file';
import { planFileSchema } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { forecastPlan } from './forecast';

const RUNS = { numRuns: 12, seed: 20261125, endOnFailure: true };
const num = (min: number, max: number) => fc.double({ min, max, noNaN: true });

test('any valid plan file is forecast: finite, whole, water never below zero, no more leaving than was there', () => {
  fc.assert(
    fc.property(anyPlanFile, (input) => {
      const plan = planFromFile(planFileSchema.parse(input));
      const { record, track, window, pull, firstCheck, peak, warnings } = forecastPlan(plan, 1, STANDARD_RESOLUTION);
      for (const values of [
        record.browning,
        record.crispness,
        record.softness,
        record.moisture,
        record.airTemperature,
      ]) {
        expect(values.every((value) => Number.isFinite(value) && value >= 0)).toBe(true);
      }
      for (let s = 0; s < track.samples; s++) {
        expect(track.shares.slice(4 * s, 4 * s + 4).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
      }
      /* browning is never undone, and what has softened stays soft */
      for (let s = 1; s < record.samples; s++) {
        for (let f = 0; f < 2 * record.pieces; f++) {
          const at = 2 * record.pieces * s + f;
          expect(record.browning[at]!).toBeGreaterThanOrEqual(record.browning[at - 2 * record.pieces]! - 1e-6);
        }
      }
      const end = (record.samples - 1) * record.interval;
      expect(0 <= firstCheck && firstCheck <= pull.time + 1e-9 && pull.time <= end).toBe(true);
      expect(window.from - 1e-9 <= pull.time && pull.time <= window.to + 1e-9).toBe(true);
      expect(pull.share).toBeLessThanOrEqual(peak.share + 1e-9);
      expect(new Set(warnings.map(({ code }) => code)).size).toBe(warnings.length);
      /* no more can leave than was there */
      expect(Math.max(...record.waterLost)).toBeLessThanOrEqual(1);
      if (planParts(plan).every((part) => cutThickness(part.cut) > 4e-3)) expect(record.repairs).toBe(0);
    }),
    { ...RUNS, numRuns: 40 },
  );
});

test('more oil never leaves more water in the pieces, nor browns them less', () => {
  fc.assert(
    fc.property(anyPlanFile, num(0, 0.05), num(0, 0.05), (input, one, other) => {
      const plan = planFromFile(planFileSchema.parse({ ...input, prep: [] }));
      const cook = (mass: number) =>
        simulateCook(
          { ...plan, events: [], preparation: [{ step: 'oil', mass, method: 'toss' }] },
          1,
          STANDARD_RESOLUTION,
        );
      const [less, more] = [cook(Math.min(one, other)), cook(Math.max(one, other))];
      expect(more.moisture.at(-1)!).toBeLessThanOrEqual(less.moisture.at(-1)! + 1e-6);
      expect(more.browning.at(-1)!).toBeGreaterThanOrEqual(less.browning.at(-1)! - 1e-6);
    }),
    RUNS,
  );
});

test('pieces do not know each other but by the air: their order changes nothing', () => {
  const cuts = [8, 10, 13].map((mm) =>
    pieceGeometry({ shape: 'stick', thickness: mm / 1000, width: mm / 1000, length: 0.07 }),
  );
  const run = (order: readonly number[]) => {
    const state = createPieceState(
      order.map((i) => cuts[i]!),
      17,
      tissueOf(findFood('carrot')!),
      293,
    );
    order.forEach((i, p) => {
      for (let f = 2 * p; f < 2 * p + 2; f++) {
        state.airTemperature[f] = 430 + 10 * i;
        state.convection[f] = 30 + 5 * i;
        state.vapourPressure[f] = 5000;
        state.film[f] = 0.02 * (i + 1);
      }
    });
    for (let n = 0; n < 150; n++) stepPieces(state, Float64Array.of(5));
    return new Map(
      order.map((i, p) => [i, [state.browning[2 * p]!, state.evaporated[p]!, state.moisture[17 * p + 3]!]]),
    );
  };
  const straight = run([0, 1, 2]);
  const mixed = run([2, 0, 1]);
  for (const i of [0, 1, 2]) expect(mixed.get(i)).toEqual(straight.get(i));
});

test('layers follow the floor that pieces cover, whatever their shape', () => {
  fc.assert(
    fc.property(anyPlanFile, fc.integer({ min: 2, max: 4 }), (input, times) => {
      const plan = planFromFile(planFileSchema.parse(input));
      expect(freshLayers({ ...plan, mass: plan.mass * times }) / freshLayers(plan)).toBeCloseTo(times, 9);
      const wide = { ...plan, fryer: { ...plan.fryer, basketArea: plan.fryer.basketArea * times } };
      expect(freshLayers(plan) / freshLayers(wide)).toBeCloseTo(times, 9);
    }),
    RUNS,
  );
});

test('browning grows with sugar, protein and oil, ever less', () => {
  const rising = (f: (x: number) => number, points: readonly number[]) => {
    const values = points.map(f);
    values.slice(1).forEach((value, i) => expect(value).toBeGreaterThanOrEqual(values[i]!));
    expect(values.at(-1)! - values.at(-2)!).toBeLessThan(values[2]! - values[1]!);
  };
  rising((sugar) => maillardFactor(sugar, 0.093), [0.01, 0.05, 0.09, 0.13, 0.17]);
  rising((protein) => maillardFactor(0.014, protein), [0.02, 0.1, 0.18, 0.26, 0.34]);
  rising(oilFactor, [0, 0.02, 0.04, 0.06, 0.08]);
  expect(maillardFactor(0.014, 0.093)).toBeCloseTo(1, 9);
});
