import { findFood, listFoods } from '../../core/food/catalogue';
import { forecastPlan } from '../../core/forecast/forecast';
import { isMixing } from '../../core/plan/plan';
import { chooseOpenings } from '../../core/search/choose-openings';
import { planFileSchema, type PlanFile } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { loadOrder } from '../../schemas/load-order';
import { writePlanFile } from '../../schemas/write-plan';
import { FOOD_WAYS } from './food-ways';
import { planOfWay, waysOf } from './plan-of-way';

const FRYER = {
  id: 'f',
  name: 'Large drawer',
  powerW: 1500,
  basketCm2: 500,
  basketHeightMm: 90,
  thermostatOffsetC: 0,
};

/** The plan with the openings that the bench will choose for it. */
function opened(document: PlanFile) {
  const plan = planFromFile(document);
  const chosen = chooseOpenings(plan, 1).filter(({ action }) => isMixing(action));
  return { ...plan, events: chosen };
}

test('every food has two to five ways, each with an id of its own', () => {
  expect(Object.keys(FOOD_WAYS).sort()).toEqual(
    listFoods()
      .map(({ id }) => id)
      .sort(),
  );
  for (const [food, ways] of Object.entries(FOOD_WAYS)) {
    expect([food, ways.length >= 2 && ways.length <= 5]).toEqual([food, true]);
    expect(new Set(ways.map(({ id }) => id)).size).toBe(ways.length);
    /* a school is a question with two answers at least */
    const schools = ways.flatMap(({ school }) => school ?? []);
    for (const school of schools)
      expect([food, school, schools.filter((one) => one === school).length]).not.toContain(1);
  }
});

describe.each(Object.entries(FOOD_WAYS))('%s', (foodId, ways) => {
  const food = findFood(foodId)!;
  test.each(ways.map((way) => [way.id, way] as const))('%s, for two, comes right without a warning', (_, way) => {
    const document = planOfWay(food, way, { people: 2, each: way.each }, FRYER);
    expect(planFileSchema.parse(writePlanFile(document))).toEqual(document);
    const { pull, peak, inTime, warnings, window } = forecastPlan(opened(document), 1);
    const codes = warnings
      .map(({ code }) => code)
      .filter((code) => code !== 'acrylamide-high' && code !== 'window-narrow');
    expect({
      way: way.id,
      minutes: Math.round(pull.time / 60),
      inTime,
      share: Math.round(peak.share * 100),
      window: Math.round((window.to - window.from) / 60),
      codes,
    }).toEqual(expect.objectContaining({ inTime: true, codes: [] }));
    expect(peak.share).toBeGreaterThan(0.7);
  });
});

test('for more guests it goes in as more loads, and amounts go along', () => {
  const food = findFood('celeriac')!;
  const [way] = waysOf('celeriac');
  const two = planOfWay(food, way!, { people: 2, each: 180 }, FRYER);
  const eight = planOfWay(food, way!, { people: 8, each: 180 }, FRYER);
  expect(two.loads.count).toBe(1);
  expect(eight.loads.count).toBeGreaterThan(1);
  expect(loadOrder(eight)).toHaveLength(eight.loads.count);
  const oil = (document: PlanFile) => document.prep.find(({ step }) => step === 'oil') as { mass_g: number };
  expect(oil(eight).mass_g / oil(two).mass_g).toBeCloseTo(4, 0);
  expect(eight.portions).toBe(8);
});
