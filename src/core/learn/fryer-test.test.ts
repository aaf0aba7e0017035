import { fryerFromLabel } from '../fryer/fryer-from-label';
import { aloneSays } from './evidence';
import { expectedTest, fryerAt, fryerTestEvidence, type FryerTest, waterIn, WATER } from './fryer-test';
import { quantityIndex } from './quantities';

const FRYER = fryerFromLabel(1500, 0.05, 0.09);
const [HEAT, OFFSET] = [quantityIndex('heatTransfer'), quantityIndex('offset')];

const says = (test: FryerTest) => aloneSays(fryerTestEvidence(FRYER, test));

test('water: more air evaporates more, and the lamp goes out sooner in a stronger fryer', () => {
  const usual = waterIn(FRYER, WATER);
  expect(WATER.mass - usual.left).toBeGreaterThan(0.02);
  expect(WATER.mass - usual.left).toBeLessThan(0.15);
  expect(waterIn(fryerAt(FRYER, [1.5, 0, 0, 0, 0, 0]), WATER).left).toBeLessThan(usual.left);
  expect(waterIn(fryerAt(FRYER, [0, 0, 2, 0, 0, 0]), WATER).lampOut).toBeLessThan(usual.lampOut);
});

test.each([-1.5, 1.2])('water finds an airflow of %p standard deviations, and narrows it', (truth) => {
  const real = fryerAt(FRYER, [truth, 0, 0, 0, 0, 0]);
  const { mean, variance } = says(expectedTest(real, 'water'));
  expect(mean[HEAT]! * truth).toBeGreaterThan(0.4 * truth * truth);
  expect(variance[HEAT]).toBeLessThan(0.75);
});

test.each([-1.6, 1.1])('a thermometer finds a dial that is %p standard deviations off', (truth) => {
  const real = fryerAt(FRYER, [0, truth, 0, 0, 0, 0]);
  const { mean, variance } = says(expectedTest(real, 'thermometer'));
  expect(mean[OFFSET]).toBeCloseTo(truth, 0);
  expect(Math.sqrt(variance[OFFSET]!)).toBeLessThan(0.6);
});

test('a fryer that answers as its label says leaves the mean where it was', () => {
  for (const kind of ['water', 'thermometer'] as const) {
    for (const value of says(expectedTest(FRYER, kind)).mean) expect(Math.abs(value)).toBeLessThan(0.05);
  }
});
