import { findFood, listFoods } from '../core/food/catalogue';
import { ownFoodSchema } from '../schemas/own-food';
import { labelOf, mixedFood, ownFood, waterOf } from './own-food';

test('every food of the catalogue as its own label is a valid own food of the same water', () => {
  for (const food of listFoods()) {
    const own = ownFood('Own', food, labelOf(food));
    expect(ownFoodSchema.safeParse(own).success).toBe(true);
    expect(Math.abs(own.composition.water - food.composition.water)).toBeLessThan(0.04);
    expect(waterOf(labelOf(food))).toBeGreaterThan(0);
  }
});

test('a dough of two foods lies between them', () => {
  const [potato, chickpea] = [findFood('potato-floury')!, findFood('chickpeas-cooked') ?? findFood('tofu-firm')!];
  const dough = mixedFood('Dough', potato, chickpea, 0.3);
  expect(ownFoodSchema.safeParse(dough).success).toBe(true);
  const protein = labelOf(potato).protein * 0.7 + labelOf(chickpea).protein * 0.3;
  expect(dough.composition.protein * 100).toBeCloseTo(protein, 5);
  expect(dough.starch).toBeCloseTo(potato.starch * 0.7 + chickpea.starch * 0.3, 9);
});
