import { COOKED_THROUGH } from '../piece/judge-piece';
import { kelvinFromCelsius } from '../units/temperature';
import { withShape } from '../../editing/edit-plan';
import { FIRST_PLAN } from '../../schemas/first-plan';
import { planFromFile } from '../../schemas/plan-from-file';
import { brineAmounts, dredgeAmounts, marinadeAmount, tableSalt } from './coat-amounts';
import { justHolds, preparedPiece } from './just-holds';
import { pressedShare } from './press';

const plan = planFromFile(FIRST_PLAN);
const HOT = kelvinFromCelsius(75);

test('a piece that just holds has half of its softness at the heart, by every method that gets there', () => {
  for (const method of ['boil', 'steam', 'pressure'] as const) {
    const duration = justHolds(plan, method, HOT)!;
    const { coreSoftness } = preparedPiece({
      ...plan,
      preparation: [{ step: 'parcook', method, duration: duration + 10, waterTemperature: HOT }],
    }).prepared;
    expect(coreSoftness).toBeGreaterThan(COOKED_THROUGH * 0.9);
    expect(coreSoftness).toBeLessThan(COOKED_THROUGH * 1.45);
  }
});

test('pressure is quicker than boiling, thicker is slower, a soak of 75 °C takes far longer', () => {
  const boil = justHolds(plan, 'boil', HOT)!;
  expect(justHolds(plan, 'pressure', HOT)!).toBeLessThan(boil);
  const cube = planFromFile(withShape(FIRST_PLAN, 'cube'));
  expect(justHolds(cube, 'boil', HOT)!).toBeGreaterThan(boil);
  const soaked = justHolds(plan, 'hot-soak', HOT);
  if (soaked !== null) expect(soaked).toBeGreaterThan(3 * boil);
});

test('a dredge line grows with the surface, and the second time takes egg and crumbs but no flour', () => {
  const [once, twice, double] = [dredgeAmounts(0.2, 1), dredgeAmounts(0.2, 2), dredgeAmounts(0.4, 1)];
  expect(double.crumb).toBeCloseTo(2 * once.crumb, 12);
  expect(twice.flour).toBe(once.flour);
  expect(twice.eggs / once.eggs).toBeCloseTo(5 / 3, 9);
  expect(once.eggs).toBeGreaterThan(0.3);
});

test('brine is between two and three per cent, marinade by surface, salt below one per cent', () => {
  const { water, salt } = brineAmounts(0.4);
  expect(salt / water).toBeGreaterThan(0.02);
  expect(salt / water).toBeLessThan(0.03);
  expect(marinadeAmount(0.3)).toBeCloseTo(0.06, 9);
  expect(tableSalt(0.3)).toBeLessThan(0.003);
});

test('pressing gives most in its first twenty minutes and never more than a fifth', () => {
  expect(pressedShare(1200)).toBeGreaterThan(0.6 * pressedShare(7200));
  expect(pressedShare(36_000)).toBeLessThanOrEqual(0.2);
  expect(pressedShare(0)).toBe(0);
});
