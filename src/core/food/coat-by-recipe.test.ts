import { CRUMB_COAT } from './coat';
import { coatByRecipe } from './coat-by-recipe';

test('flour, egg and crumbs by recipe are about the ordinary crumb coat', () => {
  const { recipe, solids } = coatByRecipe({ flour: 0.04, egg: 0.09, crumb: 0.11 })!;
  expect(recipe.protein / CRUMB_COAT.protein).toBeCloseTo(1, 0);
  expect(Math.abs(recipe.sugar - CRUMB_COAT.sugar)).toBeLessThan(0.01);
  expect(recipe.moisture).toBeGreaterThan(0.4);
  expect(recipe.moisture).toBeLessThan(0.7);
  expect(solids).toBeCloseTo(0.0348 + 0.0216 + 0.1034, 3);
});

test('sugar, nuts and herbs show: sweeter, more asparagine, greener; nothing makes no coat', () => {
  const plain = coatByRecipe({ crumb: 0.1, egg: 0.05 })!.recipe;
  expect(coatByRecipe({ crumb: 0.1, egg: 0.05, sugar: 0.02 })!.recipe.sugar).toBeGreaterThan(plain.sugar + 0.1);
  expect(coatByRecipe({ crumb: 0.1, egg: 0.05, nuts: 0.05 })!.recipe.asparagine).toBeGreaterThan(2 * plain.asparagine);
  expect(coatByRecipe({ aquafaba: 0.05, crumb: 0.1 })!.recipe.protein).toBeLessThan(plain.protein);
  expect(coatByRecipe({})).toBeNull();
});
