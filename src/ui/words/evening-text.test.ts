import { newEvening, withDish } from '@/editing/edit-evening';
import { OWN_DISHES, ownDishFor } from '@/editing/own-dishes';
import { FIRST_PLAN } from '@/schemas/first-plan';
import type { DishAtTable } from '@/workers/evening/protocol';
import {
  atTableText,
  deedText,
  deedVerb,
  differenceText,
  keepText,
  overdueText,
  shortDishName,
  stepText,
} from './evening-text';

const plan = { ...FIRST_PLAN, name: 'Potato: sticks, soaked', loads: { ...FIRST_PLAN.loads, count: 3 } };
const evening = withDish(
  withDish(newEvening('Friday', new Date(0), ['3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11']), {
    kind: 'plan',
    id: 'potato',
    plan,
  }),
  ownDishFor(OWN_DISHES[3]!, 'salad', 4, 4),
);
const [potato, salad] = evening.dishes as [(typeof evening.dishes)[0], (typeof evening.dishes)[0]];
const load = { id: 'potato:load-2', kind: 'load' as const };

test('a step is said with its dish, its load and what is done at the drawer', () => {
  expect(shortDishName(potato)).toBe('Potato');
  expect(stepText({ id: 'potato:board', kind: 'board' }, potato)).toBe('Peel and cut: potato');
  expect(stepText({ id: 'potato:dry-2', kind: 'dry' }, potato)).toBe('Dry: potato');
  expect(stepText(load, potato)).toBe('Load 2 of 3: potato');
  expect(deedText(load, 'shake', potato)).toBe('Shake: potato 2');
  expect(deedText(load, 'empty', potato)).toBe('Out: potato 2');
  expect(deedVerb(load, 'fill', potato)).toBe('Load 2 of 3');
  expect(stepText({ id: 'salad:own-2', kind: 'own' }, salad)).toBe('Dress the salad');
});

const table = (part: Partial<DishAtTable>): DishAtTable => ({
  dish: 'potato',
  way: 'fryer:x rack',
  kept: 0.83,
  heart: 331.15,
  since: 180,
  fryer: 0,
  ...part,
});

test('a dish at the table: how crisp, how hot, where it waited', () => {
  expect(atTableText(table({}), potato, 'metric')).toEqual(['crisp 83 %', '58 °C']);
  expect(atTableText(table({}), potato, 'us')).toEqual(['crisp 83 %', '136 °F']);
  expect(atTableText(table({ kept: 1.3, heart: 370 }), potato, 'metric')).toEqual(['dried a little', 'piping hot']);
  expect(atTableText(table({ dish: 'salad', kept: null, heart: null, since: 20 }), salad, 'metric')).toEqual([
    'just done',
  ]);
  expect(keepText(table({}))).toBe('on a rack 3 min');
  expect(keepText(table({ since: 30 }))).toBeNull();
  expect(keepText(table({ way: 'fryer:x back' }))).toBe('all back at the end');
  expect(keepText(table({ way: 'own' }))).toBeNull();
});

test('how two orders differ is said by what one tastes: bite first, else warmth; what nobody notices is left out', () => {
  const differ = (part: Partial<DishAtTable>, units: 'metric' | 'us' = 'metric') =>
    differenceText([table({})], [table(part)], evening, units);
  expect(differ({ kept: 0.71 })).toEqual(['potato 12 % softer']);
  expect(differ({ heart: 340.15 })).toEqual(['potato 9 °C hotter']);
  expect(differ({ heart: 322.15 }, 'us')).toEqual(['potato 16 °F cooler']);
  expect(differ({ kept: 0.84, heart: 333 })).toEqual([]);
  /* over all of its bite nothing is crisper */
  expect(differenceText([table({ kept: 1 })], [table({ kept: 1.4 })], evening, 'metric')).toEqual([]);
});

test('what has lain too long: pieces go on at once, cooked food is not served', () => {
  expect(overdueText('potato:dry-2', 300, potato)).toBe('Potato has lain 5 min too long; go on with it now.');
  expect(overdueText('potato:load-1', 300, potato)).toMatch(/cooked more than two hours ago; do not serve/);
});
