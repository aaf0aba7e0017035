import { fryerSchema } from '../schemas/kitchen';
import { type FryerShape, LITRES, quickFryer, WATTS } from './quick-fryer';

test.each(Object.keys(LITRES) as FryerShape[])(
  '%s: every size that can be chosen is a fryer that can be kept',
  (shape) => {
    for (const litres of [LITRES[shape].least, LITRES[shape].usual, LITRES[shape].most]) {
      const { id, ...fryer } = quickFryer('x', shape, { litres }, WATTS[shape]);
      expect({ id, ...fryerSchema.parse(fryer) }).toEqual({ id: 'x', ...fryer });
    }
  },
);

test('a drawer of four and a half litres has the floor of an ordinary one; twice the litres, twice the floor', () => {
  const usual = quickFryer('x', 'drawer', { litres: 4.5 }, 1500);
  expect(usual.basketCm2).toBe(500);
  expect(quickFryer('x', 'drawer', { litres: 9 }, 1500).basketCm2).toBe(1000);
});

test('a ruler says the floor itself; of two drawers it is one', () => {
  expect(quickFryer('x', 'bowl', { lengthCm: 20, widthCm: 18 }, 1400).basketCm2).toBe(360);
  const one = quickFryer('x', 'two-drawers', { litres: 8 }, 2400);
  expect(one.powerW).toBe(1440);
  expect(one.basketCm2).toBeLessThan(quickFryer('x', 'drawer', { litres: 8 }, 2400).basketCm2 / 1.8);
});
