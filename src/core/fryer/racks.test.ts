import { planFileSchema, type SecondPlanFile } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { forecastPlan } from '../forecast/forecast';
import { createSeededRandom } from '../numeric/seeded-random';
import { createBed, stackBed, swapRacks } from './bed';
import { freshLayers } from './layers';

function bedOf(count: number) {
  const bed = createBed(new Float64Array(count).fill(1), createSeededRandom(3));
  bed.height.fill(2 / count);
  stackBed(bed);
  return bed;
}

test('what lies on the lower of two racks comes to the top, each half in its order; one basket has nothing to change', () => {
  const bed = bedOf(8);
  const before = Array.from(bed.order);
  swapRacks(bed, 2);
  stackBed(bed);
  expect(Array.from(bed.order)).toEqual([...before.slice(4), ...before.slice(0, 4)]);
  const basket = bedOf(8);
  const places = Array.from(basket.place);
  swapRacks(basket, 1);
  expect(Array.from(basket.place)).toEqual(places);
});

test('three changes of three racks bring every piece back to its own', () => {
  const bed = bedOf(9);
  const before = Array.from(bed.place);
  for (let n = 0; n < 3; n++) {
    swapRacks(bed, 3);
    stackBed(bed);
  }
  expect(Array.from(bed.place)).toEqual(before);
});

const FILE: SecondPlanFile = {
  format: 'drubek.plan',
  version: 2,
  food: 'carrot',
  cut: { shape: 'stick', thickness_mm: 10, length_mm: 70 },
  mass_g: 600,
  fryer: { power_w: 1800, basket_cm2: 600, racks: 2 },
  steps: [
    { step: 'oil', mass_g: 8 },
    { step: 'cook', stages: [{ minutes: 45, temperature_c: 185 }], events: [] },
  ],
};
const planOf = (change: Partial<SecondPlanFile>) => planFromFile(planFileSchema.parse({ ...FILE, ...change }));
const cook = (events: { minute: number; action: 'swap' }[]) => [
  FILE.steps[0]!,
  { step: 'cook' as const, stages: [{ minutes: 45, temperature_c: 185 }], events },
];

test('pieces lie thinner on two racks than in a basket of that floor, and changing the racks brings more right together', () => {
  const basket = planOf({ fryer: { power_w: 1800, basket_cm2: 600 } });
  const still = planOf({});
  const changed = planOf({ steps: cook([8, 14, 20].map((minute) => ({ minute, action: 'swap' }))) });
  expect(freshLayers(still)).toBeCloseTo(freshLayers(basket) / 2, 9);
  const spread = (plan: typeof still) => {
    const { record, pull } = forecastPlan(plan);
    const sample = Math.round(pull.time / record.interval);
    const gone = Array.from({ length: record.pieces }, (_, p) => {
      const at = sample * record.pieces + p;
      return (record.browning[2 * at]! + record.browning[2 * at + 1]!) / 2;
    });
    return Math.max(...gone) - Math.min(...gone);
  };
  expect(spread(changed)).toBeLessThan(0.9 * spread(still));
});
