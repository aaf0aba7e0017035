import fc from 'fast-check';
import { anyPlanFile } from '../../../tests/support/any-plan-file';
import { planFileSchema } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { batchYield } from '../cut/batch-yield';
import { pieceGeometry, scaleThickness } from '../cut/piece-geometry';
import { rawPieces } from '../piece/raw-pieces';
import { type BatchPart, planParts } from '../plan/plan';
import { stockOf, SUBSTANCES, weightOf } from './ledger';
import { type CookInHand, prepareBatch } from './prepare-batch';

/** Two uneven pieces that stand for the whole part, taken through the first `steps` of its preparation. */
function preparedUntil(part: BatchPart, steps: number, fry: CookInHand = () => 0) {
  const geometries = [0.9, 1.1].map((factor) => pieceGeometry(scaleThickness(part.cut, factor)));
  const volume = geometries.reduce((sum, one) => sum + one.volume, 0);
  const pieces = batchYield(part.food, part.cut, part.mass).volume / volume;
  const area = Float64Array.from(geometries, (one) => (pieces * one.surface) / 2);
  const own = { ...part, preparation: part.preparation.slice(0, steps) };
  const ready = prepareBatch(rawPieces(own, geometries, 17), own, area, 1, fry);
  return {
    stock: stockOf(ready.state, ready.area),
    flows: ready.prepared.flows,
    raw: stockOf(rawPieces(own, geometries, 17), area),
  };
}

test('every gram of solids, water and oil is followed through every step of any preparation, to 1e-9', () => {
  fc.assert(
    fc.property(anyPlanFile, (input) => {
      for (const part of planParts(planFromFile(planFileSchema.parse(input)))) {
        for (let steps = 0; steps <= part.preparation.length; steps++) {
          const { stock, flows, raw } = preparedUntil(part, steps);
          for (const substance of SUBSTANCES) {
            const crossed = flows.reduce((sum, flow) => (flow.substance === substance ? sum + flow.mass : sum), 0);
            expect(Math.abs(stock[substance] - raw[substance] - crossed)).toBeLessThan(1e-9 * part.mass);
            expect(stock[substance]).toBeGreaterThanOrEqual(0);
          }
        }
      }
    }),
    { numRuns: 60, seed: 20261126, endOnFailure: true },
  );
});

test('raw pieces weigh what was cut, and with their own coat what was bought', () => {
  for (const food of ['courgette', 'chicken-breast-crumbed'] as const) {
    const plan = planFromFile(
      planFileSchema.parse({
        format: 'drubek.plan',
        version: 1,
        food,
        cut: { shape: 'slice', thickness_mm: 12, diameter_mm: 60 },
        mass_g: 400,
        cook: { stages: [{ minutes: 20, temperature_c: 190 }] },
      }),
    );
    /* two pieces of unlike thickness have a little more skin than as many of the mean */
    expect(weightOf(preparedUntil(plan, 0).stock) / 0.4).toBeCloseTo(1, 2);
  }
});

test.each([
  ['crumbed', { step: 'dredge' }],
  ['battered', { step: 'batter', mass_g: 120 }],
] as const)('a %s courgette slice keeps all of its own water under the coat', (_, step) => {
  const plan = planFromFile(
    planFileSchema.parse({
      format: 'drubek.plan',
      version: 1,
      food: 'courgette',
      cut: { shape: 'slice', thickness_mm: 8 },
      mass_g: 300,
      prep: [{ step: 'dry', method: 'towel' }, step],
      cook: { stages: [{ minutes: 20, temperature_c: 190 }] },
    }),
  );
  const [bare, coated] = [preparedUntil(plan, 1), preparedUntil(plan, 2)];
  const laid = coated.flows.filter(({ name }) => name === 'coat');
  expect(laid.map(({ substance }) => substance)).toEqual(['solids', 'water']);
  expect(coated.stock.water).toBeGreaterThan(bare.stock.water);
});
