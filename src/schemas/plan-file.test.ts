import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { z } from 'zod';
import { prepStep, withFryer, withPrepStep, withShape } from '../editing/edit-plan';
import { FIRST_PLAN } from './first-plan';
import { faultsOf } from './faults';
import { planFileSchema } from './plan-file';
import { planFromFile } from './plan-from-file';

const MINIMAL = {
  format: 'drubek.plan',
  version: 1,
  food: 'celeriac',
  cut: { shape: 'stick', thickness_mm: 10 },
  mass_g: 600,
  cook: { stages: [{ minutes: 25, temperature_c: 195 }] },
};

function faults(change: object): string[] {
  const parsed = planFileSchema.safeParse({ ...MINIMAL, ...change }, { reportInput: true });
  return parsed.success ? [] : faultsOf(parsed.error).map((fault) => `${fault.path}: ${fault.message}`);
}

test('a minimal plan gets the documented defaults, in SI', () => {
  const plan = planFromFile(planFileSchema.parse(MINIMAL));
  expect(plan.cut).toEqual({ shape: 'stick', thickness: 0.01, width: 0.01, length: 0.06 });
  expect(plan.scatter).toBe(0.07);
  expect(plan.startTemperature).toBeCloseTo(293.15, 9);
  expect(plan.fryer.maximumPower).toBe(1500);
  expect(plan.fryer.basketArea).toBeCloseTo(0.05, 9);
  expect(plan.preheat).toBeNull();
  expect(plan.stages).toEqual([{ duration: 1500, temperature: 468.15 }]);
});

test('every fault names its field and its limit', () => {
  expect(faults({ cut: { shape: 'stick', thickness_mm: 200 } })).toEqual(['cut.thickness_mm: must be 70 at most']);
  expect(faults({ mass_g: 'much' })).toEqual(['mass_g: must be of type number']);
  expect(faults({ food: 'unicorn' })[0]).toMatch(/^food: must be one of potato-floury, /);
  expect(faults({ colour: 'red' })).toEqual(['colour: is not a field of this format; remove it or check its spelling']);
  expect(faults({ prep: [{ step: 'soak', minutes: 0 }] })).toEqual(['prep[0].minutes: must be 0.5 at least']);
  expect(faults({ cook: { stages: [] } })).toEqual(['cook.stages: must be a list of 1 entries at least']);
  expect(faults({ cut: { shape: 'star' } })).toEqual([
    'cut.shape: must be one of stick, slice, cube, wedge, floret, cylinder, disc, sheet, formed',
  ]);
  expect(faults({ food: { name: 'Salsify', composition: { water: 2 } } })).toContain(
    'food.composition.water: must be 0.97 at most',
  );
  expect(faults({ mass_g: undefined })).toEqual(['mass_g: is missing; it must be of type number']);
});

test('whatever is thrown at it, the parser answers with a plan or with faults', () => {
  fc.assert(
    fc.property(
      fc.oneof(
        fc.json().map((text) => JSON.parse(text) as unknown),
        fc.anything(),
      ),
      (input) => {
        const parsed = planFileSchema.safeParse(input, { reportInput: true });
        if (!parsed.success) expect(faultsOf(parsed.error).length).toBeGreaterThan(0);
      },
    ),
    { numRuns: 300, seed: 20261125 },
  );
});

test('the published JSON Schema is the one this code has', () => {
  const published = JSON.parse(readFileSync('docs/formats/plan.schema.json', 'utf8')) as unknown;
  expect(published).toEqual(JSON.parse(JSON.stringify(z.toJSONSchema(planFileSchema, { io: 'input' }))));
});

test('preparation steps stand in working order, each once', () => {
  const rinsed = withPrepStep(FIRST_PLAN, 'rinse', { step: 'rinse', changes: 2 });
  expect(rinsed.prep.map((step) => step.step)).toEqual(['rinse', 'soak', 'dry', 'oil']);
  const again = withPrepStep(rinsed, 'oil', { step: 'oil', mass_g: 20 });
  expect(prepStep(again, 'oil')).toEqual({ step: 'oil', mass_g: 20 });
  expect(withPrepStep(again, 'soak', null).prep.map((step) => step.step)).toEqual(['rinse', 'dry', 'oil']);
});

test('another shape keeps the evenness, another fryer keeps the preheat', () => {
  const even = { ...FIRST_PLAN, cut: { ...FIRST_PLAN.cut, scatter: 0.03 } };
  expect(withShape(even, 'slice').cut).toMatchObject({ shape: 'slice', scatter: 0.03 });
  const moved = withFryer(FIRST_PLAN, { powerW: 1200, basketCm2: 330, basketHeightMm: 80, thermostatOffsetC: -5 });
  expect(moved.fryer).toMatchObject({ power_w: 1200, thermostat_offset_c: -5, preheat: FIRST_PLAN.fryer.preheat });
});
