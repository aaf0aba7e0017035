import { fryerFromLabel } from '../fryer/fryer-from-label';
import { PLACES } from '../fryer/places';
import { createSeededRandom } from '../numeric/seeded-random';
import { seen } from '../coach/likelihood';
import { breadPlaces, type BreadTest, BREAD_DURATION, shadesIn } from './bread-test';
import { expectedTest, fryerTestEvidence, TEST_DIAL } from './fryer-test';
import { aloneSays } from './evidence';
import { placeEvidence, placeMap, PLACE_SPREAD } from './place-map';

const fryer = fryerFromLabel(1500, 0.05, 0.09);
const AT = { dial: TEST_DIAL, duration: BREAD_DURATION };
const STRENGTHS = [1.1, 1.14, 1.06, 1.02, 1.04, 0.98, 0.97, 0.9, 0.79];

const test_ = (shades: readonly (number | null)[]): BreadTest => ({ kind: 'bread', ...AT, shades });

/** Correlation of two rows. */
function correlation(one: readonly number[], other: readonly number[]): number {
  const mean = (row: readonly number[]) => row.reduce((sum, x) => sum + x, 0) / row.length;
  const [m, n] = [mean(one), mean(other)];
  const product = (a: readonly number[], b: readonly number[], x: number, y: number) =>
    a.reduce((sum, value, i) => sum + (value - x) * (b[i]! - y), 0);
  return product(one, other, m, n) / Math.sqrt(product(one, one, m, m) * product(other, other, n, n));
}

test('bread is gold after six minutes in a usual fryer, darker over strong places, paler in one that runs cool', () => {
  const [weak, usual, strong] = shadesIn(fryer, AT, [0.85, 1, 1.15]);
  expect(usual).toBeGreaterThan(0.8);
  expect(usual).toBeLessThan(1.4);
  expect(strong! / usual!).toBeGreaterThan(1.1);
  expect(usual! / weak!).toBeGreaterThan(1.1);
  expect(shadesIn({ ...fryer, thermostatOffset: -12 }, AT, [1])[0]! / usual!).toBeLessThan(0.75);
});

test('the map is found again from one grid read with noise, and shrinks towards even by what is not sure', () => {
  const shades = shadesIn(fryer, AT, STRENGTHS);
  const random = createSeededRandom(9);
  const noisy = shades.map((shade) => shade * Math.exp(0.2 * (random() + random() - 1)));
  const found = placeMap([breadPlaces(fryer, test_(noisy))])!;
  expect(correlation(found.strengths, STRENGTHS)).toBeGreaterThan(0.8);
  expect(found.strengths.reduce((sum, own) => sum + own, 0) / PLACES).toBeCloseTo(1, 9);
  const spread = (row: readonly number[]) => Math.max(...row) / Math.min(...row);
  expect(spread(found.strengths)).toBeLessThan(spread(STRENGTHS));
  for (const deviation of found.deviations) expect(deviation).toBeLessThan(0.85 * PLACE_SPREAD);
});

test('without noise many grids give the map itself; a dark loaf, a minute more or another dial do not change it', () => {
  const grids = (shades: readonly number[]) =>
    placeMap(new Array(30).fill(breadPlaces(fryer, test_(shades))))!.strengths;
  const mean = STRENGTHS.reduce((sum, own) => sum + own, 0) / PLACES;
  const found = grids(shadesIn(fryer, AT, STRENGTHS));
  found.forEach((own, place) => expect(Math.abs(own / (STRENGTHS[place]! / mean) - 1)).toBeLessThan(0.03));
  const darker = grids(shadesIn(fryer, AT, STRENGTHS).map((shade) => (shade + 0.08) * 1.4 - 0.08));
  darker.forEach((own, place) => expect(own).toBeCloseTo(found[place]!, 6));
});

test('a place that was not read stays unknown and changes nothing of the others', () => {
  const shades = shadesIn(fryer, AT, STRENGTHS).map((shade, place) => (place === 4 ? null : shade));
  const { deviations, strengths } = placeMap([breadPlaces(fryer, test_(shades))])!;
  expect(deviations[4]).toBeCloseTo(PLACE_SPREAD, 9);
  expect(deviations[3]).toBeLessThan(0.85 * PLACE_SPREAD);
  expect(strengths[1]).toBeGreaterThan(strengths[8]!);
  expect(placeMap([])).toBeNull();
  expect(placeEvidence([null, 0.1, 0.1], 1).vector).toEqual([0, 0, 0]);
});

test('the mean shade says something of the thermostat, less than a thermometer does', () => {
  const says = (shades: readonly (number | null)[]) => aloneSays(fryerTestEvidence(fryer, test_(shades)));
  const cool = shadesIn({ ...fryer, thermostatOffset: -14 }, AT, new Array<number>(PLACES).fill(1));
  expect(says(cool).mean[1]).toBeLessThan(-0.2);
  const expected = (kind: 'bread' | 'thermometer') => aloneSays(fryerTestEvidence(fryer, expectedTest(fryer, kind)));
  expect(Math.abs(expected('bread').mean[1]!)).toBeLessThan(0.05);
  expect(expected('bread').variance[1]).toBeLessThan(0.9);
  expect(expected('thermometer').variance[1]).toBeLessThan(expected('bread').variance[1]!);
  expect(fryerTestEvidence(fryer, test_(new Array(PLACES).fill(null))).answers).toBe(0);
  expect(seen(0)).toBeLessThan(seen(0.2));
});
