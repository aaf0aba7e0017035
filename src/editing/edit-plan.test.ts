import { FIRST_PLAN } from '../schemas/first-plan';
import { keptAmounts, withAmountsFollowing, withLoad, withPrepStep } from './edit-plan';
import { withStepChanged } from './edit-steps';

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
