import { FIRST_PLAN } from '../schemas/first-plan';
import { keptAmounts, withAmountsFollowing, withLoad } from './amounts';
import { withPrepStep } from './edit-plan';
import { newPrepSteps, withRest, withStepChanged } from './edit-steps';

const COAT = newPrepSteps(500).find(({ step }) => step === 'coat') as Extract<
  (typeof FIRST_PLAN)['prep'][number],
  { step: 'coat' }
>;

const kinds = (document: typeof FIRST_PLAN) => document.prep.map(({ step }) => step);

test('crumbs and batter go on before the oil, which would lie under a dry coat; spice comes last', () => {
  const crumbed = withPrepStep(FIRST_PLAN, 'dredge', { step: 'dredge', layers: 1 });
  expect(kinds(crumbed)).toEqual(['soak', 'dry', 'dredge', 'oil']);
  const battered = withPrepStep(FIRST_PLAN, 'batter', { step: 'batter', mass_g: 90 });
  expect(kinds(battered)).toEqual(['soak', 'dry', 'batter', 'oil']);
  expect(kinds(withPrepStep(crumbed, 'season', { step: 'season', mass_g: 4, salt_share: 0.5 })).at(-1)).toBe('season');
});

test('another amount takes along what is weighed out for it, and nothing else', () => {
  const double = withLoad(FIRST_PLAN, 1000);
  expect(double.prep).toEqual([FIRST_PLAN.prep[0], FIRST_PLAN.prep[1], { ...FIRST_PLAN.prep[2], mass_g: 20 }]);
});

test('an amount that the cook has set stays when the load changes, says so, and can be let follow', () => {
  const at = FIRST_PLAN.prep.findIndex(({ step }) => step === 'oil');
  const set = withStepChanged(FIRST_PLAN, 'prep', at, { step: 'oil', mass_g: 6 });
  expect(keptAmounts(set)).toEqual([]);
  const double = withLoad(set, 1000);
  expect(double.prep[at]).toEqual({ step: 'oil', mass_g: 6, set_for_g: 500 });
  expect(keptAmounts(double)).toEqual([{ step: 'oil', grams: 6, following: 12, setFor: 500 }]);
  const following = withAmountsFollowing(double);
  expect(following.prep[at]).toEqual({ step: 'oil', mass_g: 12 });
  expect(withLoad(following, 500).prep[at]).toEqual({ step: 'oil', mass_g: 6 });
  /* what is changed otherwise is not an amount that was set */
  expect(withStepChanged(FIRST_PLAN, 'prep', at, { step: 'oil', mass_g: 10, method: 'spray' }).prep[at]).toEqual({
    step: 'oil',
    mass_g: 10,
    method: 'spray',
  });
});

test('own coats, salt and dressing after the drawer, and oil on the way follow the load too; a second food keeps its own', () => {
  const rich: typeof FIRST_PLAN = {
    ...FIRST_PLAN,
    prep: [{ ...COAT, crumb_g: 20, egg_g: 10, flour_g: 0 }],
    after: [
      { step: 'rest', minutes: 2, place: 'rack', salt_g: 3 },
      { step: 'dress', with: 'spice', mass_g: 4 },
      { step: 'refresh', minutes: 4, temperature_c: 190 },
    ],
    cook: {
      ...FIRST_PLAN.cook,
      events: [
        { minute: 5, action: 'oil', mass_g: 4 },
        { minute: 6, action: 'add', part: { food: 'carrot', mass_g: 120, prep: [] } as never },
      ],
    },
  };
  const half = withLoad(rich, 250);
  expect(half.prep[0]).toMatchObject({ crumb_g: 10, egg_g: 5, flour_g: 0 });
  expect(half.after).toEqual([
    { step: 'rest', minutes: 2, place: 'rack', salt_g: 1.5 },
    { step: 'dress', with: 'spice', mass_g: 2 },
    rich.after[2],
  ]);
  expect(half.cook.events[0]).toMatchObject({ mass_g: 2 });
  expect(half.cook.events[1]).toBe(rich.cook.events[1]);
  /* salt by hand */
  const salted = withRest(rich, { step: 'rest', minutes: 2, place: 'rack', salt_g: 5 });
  expect(withLoad(salted, 1000).after[0]).toMatchObject({ salt_g: 5, set_for_g: 500 });
  expect(withRest(rich, { step: 'rest', minutes: 9, place: 'rack', salt_g: 3 }).after[0]).not.toHaveProperty(
    'set_for_g',
  );
});
