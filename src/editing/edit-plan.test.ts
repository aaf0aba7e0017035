import { FIRST_PLAN } from '../schemas/first-plan';
import { withLoad, withPrepStep } from './edit-plan';

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
