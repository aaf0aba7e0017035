import { eveningFileSchema } from '../schemas/evening-file';
import { ownDishFromRecipe, readOwnRecipe } from './own-recipe';
import { readOwnSteps, writeOwnSteps } from './own-steps';
import { newEvening, withDish } from './edit-evening';
import { writeEveningFile } from '../schemas/evening-file';

const LENTILS = {
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: 'Lentils with lemon',
  recipeYield: '4 servings',
  recipeIngredient: ['250 g lentils', ' 1  lemon ', '2 tbsp oil'],
  recipeInstructions: [
    { '@type': 'HowToStep', text: 'Chop the onion and the carrot, 8 minutes.' },
    { '@type': 'HowToStep', text: 'Simmer the lentils for 20 to 25 minutes in a pot.' },
    { '@type': 'HowToSection', itemListElement: [{ '@type': 'HowToStep', text: 'Leave to rest for 5 min' }] },
    { '@type': 'HowToStep', text: 'Stir in lemon and oil. Season well and taste it before it goes to the table.' },
  ],
};

test('a recipe becomes steps: what takes hands, what waits, and where; of two times the longer counts', () => {
  const dish = ownDishFromRecipe({ '@graph': [{ '@type': 'WebPage' }, LENTILS] })!;
  expect(dish).toMatchObject({ name: 'Lentils with lemon', people: 4 });
  expect(dish.needs).toEqual(['250 g lentils', '1 lemon', '2 tbsp oil']);
  expect(dish.steps).toMatchObject([
    { word: 'Chop the onion and the carrot', hands_min: 8, waits_min: 0, place: 'board' },
    { word: 'Simmer the lentils in a pot', waits_min: 25, place: 'ring' },
    { word: 'Leave to rest', waits_min: 5, place: 'aside' },
    { word: 'Stir in lemon and oil', hands_min: 5, waits_min: 0 },
  ]);
});

test('the cook looks them over as lines, which are read back the same', () => {
  const { steps } = ownDishFromRecipe(LENTILS)!;
  expect(readOwnSteps(writeOwnSteps(steps))).toEqual(steps);
});

test('where the steps say no time, the recipe’s own stands at the last', () => {
  const plain = { '@type': 'Recipe', name: 'Gratin', cookTime: 'PT1H10M', recipeInstructions: 'Slice them\nBake it' };
  expect(ownDishFromRecipe(plain)!.steps).toMatchObject([
    { word: 'Slice them', waits_min: 0, place: 'board' },
    { word: 'Bake it', waits_min: 70, place: 'oven' },
  ]);
});

test('a long recipe becomes no more steps than an evening holds, and loses no time', () => {
  const lines = Array.from({ length: 20 }, (_, i) => `Do thing ${'abcdefghijklmnopqrst'[i]} 2 min`);
  const dish = ownDishFromRecipe({ '@type': 'Recipe', name: 'Long', recipeInstructions: lines })!;
  expect(dish.steps).toHaveLength(12);
  expect(dish.steps.reduce((sum, { hands_min }) => sum + hands_min, 0)).toBe(40);
  const evening = withDish(newEvening('Friday', new Date('2026-11-28T19:00:00Z'), [crypto.randomUUID()]), {
    kind: 'own',
    id: 'long',
    at_table: 'hot',
    name: dish.name,
    steps: [...dish.steps],
    needs: [...dish.needs],
  });
  expect(eveningFileSchema.safeParse(writeEveningFile(evening)).success).toBe(true);
});

test('a file without a recipe, or that is none, says so; a saved page is looked into', () => {
  expect(readOwnRecipe('{')).toMatchObject({ kind: 'refused', lines: [expect.stringContaining('not JSON')] });
  expect(readOwnRecipe('{"@type": "Recipe", "name": "x"}')).toMatchObject({ kind: 'refused' });
  const page = `<html><script type="application/ld+json">${JSON.stringify(LENTILS)}</script></html>`;
  expect(readOwnRecipe(page)).toMatchObject({ kind: 'dish', dish: { name: 'Lentils with lemon' } });
});

test('odd values are read as far as they go', () => {
  const odd = {
    '@type': 'Recipe',
    name: { '@value': 3 },
    recipeYield: [7, 'for 6'],
    recipeIngredient: [null, 5, ' '],
    recipeInstructions: ['wait 99999 min', 'x '.repeat(50_000), null, { text: 'Serve' }],
  };
  const dish = ownDishFromRecipe(odd)!;
  expect(dish.people).toBe(6);
  expect(dish.needs).toEqual([]);
  expect(dish.steps[0]!.waits_min).toBe(1440);
  expect(dish.steps.every(({ word }) => word.length > 0 && word.length <= 60)).toBe(true);
});
