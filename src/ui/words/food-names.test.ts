import { listFoods } from '../../core/food/catalogue';
import { nameFit, OTHER_NAMES } from './food-names';

const found = (typed: string) =>
  listFoods()
    .map((food) => ({ id: food.id, fit: nameFit(typed, food) }))
    .filter(({ fit }) => fit > 0)
    .sort((a, b) => b.fit - a.fit)
    .map(({ id }) => id);

test.each([
  ['zucchini', 'courgette'],
  ['eggplant', 'aubergine'],
  ['rutabaga', 'swede'],
  ['celery', 'celeriac'],
  ['KALE ', 'kale'],
  ['beet', 'beetroot'],
  ['yuca', 'cassava'],
])('%s finds %s first', (typed, id) => expect(found(typed)[0]).toBe(id));

test('what no food is called finds nothing; nothing typed finds all', () => {
  expect(found('bicycle')).toEqual([]);
  expect(found('')).toHaveLength(listFoods().length);
});

test('every other name belongs to a food of the catalogue, which it finds', () => {
  for (const [id, names] of Object.entries(OTHER_NAMES)) for (const name of names) expect(found(name)).toContain(id);
});
