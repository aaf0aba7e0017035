import { FIRST_PLAN } from '@/schemas/first-plan';
import { fromShelf, shelve } from './plan-shelf';

test('coming back finds the plan as it was left, unless the server has another', () => {
  const edited = { ...FIRST_PLAN, mass_g: 700 };
  expect(fromShelf('a', FIRST_PLAN)).toBe(FIRST_PLAN);
  shelve('a', FIRST_PLAN, edited);
  expect(fromShelf('a', { ...FIRST_PLAN })).toBe(edited);
  expect(fromShelf('b', FIRST_PLAN)).toBe(FIRST_PLAN);
  const fromElsewhere = { ...FIRST_PLAN, mass_g: 300 };
  expect(fromShelf('a', fromElsewhere)).toBe(fromElsewhere);
});
