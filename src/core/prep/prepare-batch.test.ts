import { listFoods } from '../food/catalogue';
import { STORAGES, sugarOf } from '../food/sugar';
import { planFileSchema, type FirstPlanFile } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { brokenShare } from './breakage';
import { preparedPiece } from './just-holds';
import { stockOf } from './ledger';

const FILE: FirstPlanFile = {
  format: 'drubek.plan',
  version: 1,
  food: 'potato-floury',
  cut: { shape: 'stick', thickness_mm: 10, length_mm: 70 },
  mass_g: 500,
  cook: { stages: [{ minutes: 20, temperature_c: 195 }] },
};

function prepared(change: Partial<FirstPlanFile>) {
  const { state, prepared: left } = preparedPiece(planFromFile(planFileSchema.parse({ ...FILE, ...change })), 21);
  return { state, left };
}

function waterOf({ state }: Pick<ReturnType<typeof prepared>, 'state'>): number {
  return stockOf(state, Float64Array.of(1)).water;
}

test('sugar: new, usual, late and cold stand in this order for every food, and cold potatoes brown more', () => {
  for (const food of listFoods()) {
    const sugars = STORAGES.map((storage) => sugarOf(food, storage));
    expect([...sugars].sort((a, b) => a - b)).toEqual(sugars);
    expect(food.porosity).toBeGreaterThanOrEqual(0);
    expect(food.porosity).toBeLessThan(0.5);
    expect(food.shrinkage).toBeGreaterThanOrEqual(0.4);
    expect(food.shrinkage).toBeLessThan(1);
  }
  const factor = (storage: 'new' | 'usual' | 'cold') => prepared({ storage }).state.browningFactor[0]!;
  expect(factor('cold') / factor('usual')).toBeGreaterThan(1.5);
  expect(factor('cold') / factor('usual')).toBeLessThan(3);
  expect(factor('new')).toBeGreaterThan(0.3 * factor('usual'));
});

test('salt draws water out of the skin: none is lost, the film grows, and dried off it is gone', () => {
  const towelled = { step: 'dry', method: 'towel-twice' } as const;
  const plain = prepared({ prep: [towelled] });
  const salted = prepared({ prep: [towelled, { step: 'season', mass_g: 4, salt_share: 1 }] });
  expect(waterOf(salted)).toBeCloseTo(waterOf(plain), 9);
  expect(salted.state.film[0]!).toBeGreaterThan(plain.state.film[0]! + 0.01);
  expect(salted.state.moisture[0]!).toBeLessThan(plain.state.moisture[0]!);
  expect(waterOf(prepared({ prep: [{ step: 'season', mass_g: 4, salt_share: 1 }, towelled] }))).toBeLessThan(
    waterOf(prepared({ prep: [towelled] })),
  );
});

test('spice browns, salt alone does not', () => {
  const factor = (salt_share: number) =>
    prepared({ prep: [{ step: 'season', mass_g: 6, salt_share }] }).state.browningFactor[0]!;
  expect(factor(0)).toBeGreaterThan(1.05 * factor(1));
  expect(factor(1)).toBeCloseTo(prepared({}).state.browningFactor[0]!, 9);
});

test('a spray reaches the upper side and partly misses; in the bowl oil goes all round and stays', () => {
  const oiled = (method: 'toss' | 'spray' | 'brush') => prepared({ prep: [{ step: 'oil', mass_g: 8, method }] });
  const [toss, spray] = [oiled('toss'), oiled('spray')];
  expect(toss.left.oilMissed).toBe(0);
  expect(spray.left.oilMissed).toBeCloseTo(0.0012, 9);
  expect(toss.state.browningFactor[0]).toBe(toss.state.browningFactor[1]);
  expect(spray.state.browningFactor[0]!).toBeGreaterThan(spray.state.browningFactor[1]! * 1.05);
  expect(spray.left.oilFilm + spray.left.oilDripping).toBeLessThan(toss.left.oilFilm);
});

test('starch before the oil drinks more than after it', () => {
  const film = (prep: FirstPlanFile['prep']) => prepared({ prep }).state.film[0]!;
  const starch = { step: 'starch', mass_g: 4 } as const;
  const oil = { step: 'oil', mass_g: 8 } as const;
  expect(film([starch, oil])).toBeLessThan(film([oil, starch]));
});

test('boiled soft and rubbed dry they break; steam dried they hold; raw ones never break', () => {
  const broken = (prep: FirstPlanFile['prep']) => prepared({ prep }).left.breakage;
  const boil = (minutes: number) => ({ step: 'parcook', method: 'boil', minutes }) as const;
  const rub = { step: 'dry', method: 'towel-twice' } as const;
  expect(broken([boil(10), rub])).toBeGreaterThan(0.3);
  expect(broken([boil(10), { step: 'dry', method: 'steam-dry' }])).toBeLessThan(0.5 * broken([boil(10), rub]));
  expect(broken([boil(4), rub])).toBeLessThan(broken([boil(10), rub]));
  expect(broken([rub])).toBeLessThan(0.01);
  expect(brokenShare(1, 0, 7)).toBe(0);
  expect(brokenShare(1, 1, 8)).toBeGreaterThan(brokenShare(1, 1, 1));
});

test('boiling gelatinises the skin well before the heart is soft', () => {
  const { left } = prepared({ prep: [{ step: 'parcook', method: 'boil', minutes: 2 }] });
  expect(left.gelatinisedSkin).toBeGreaterThan(0.9);
  expect(left.coreSoftness).toBeLessThan(0.3);
});

test('a marinade browns the more the longer it soaks in, up to an end', () => {
  const factor = (minutes: number) => prepared({ prep: [{ step: 'marinate', minutes }] }).state.browningFactor[0]!;
  expect(factor(30)).toBeGreaterThan(factor(5));
  expect(factor(600) / factor(240)).toBeCloseTo(1, 3);
});
