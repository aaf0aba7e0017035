import type { FoodEntry } from './define-food';

/*
 * Compositions and sugars: averages of public food-composition tables, rounded; sugars count glucose, fructose and half of
 * sucrose, which splits while heating (half: assumed). Densities: potato 1080, carrot 1040 kg/m³, Rahman (2009); others by
 * their pores, assumed. Ranges of sugar run from the field to late or cold storage, potatoes 0.1–1.5 %: rounded, from memory
 * of storage trials, assumed. Softening: potato 260 s at 100 °C, waxy half as much again, carrot and beet two to four times, after
 * Harada et al. (1985), Huang & Bourne (1983); others assumed between. Dry glass: starch 500 K, Orford et al. (1989), lower
 * with sugar, assumed. Colours: assumed from the look of the food in daylight. Free asparagine: potato 0.1–0.6 %, others a few
 * hundredths; rounded, from memory, assumed.
 */
// prettier-ignore
export const ROOTS_AND_TUBERS: readonly FoodEntry[] = [
  { id: 'potato-floury', name: 'Floury potato', per100g: [78.5, 2, 0.1, 16.3, 2.1], density: 1085, starch: 15.5, sugar: 0.3, asparagine: 0.3, sugarRange: [0.1, 1.5], glass: 500, softening: 260, raw: [82, 0, 22], golden: [66, 14, 46], cautions: ['green-or-sprouted', 'not-in-the-fridge'] },
  { id: 'potato-waxy', name: 'Waxy potato', per100g: [81, 1.9, 0.1, 14, 2], density: 1070, starch: 13, sugar: 0.5, asparagine: 0.25, sugarRange: [0.2, 1.6], glass: 497, softening: 390, raw: [82, -1, 28], golden: [66, 14, 47], cautions: ['green-or-sprouted', 'not-in-the-fridge'] },
  { id: 'sweet-potato', name: 'Sweet potato', per100g: [77, 1.6, 0.1, 17.1, 3], density: 1050, starch: 11, sugar: 3, asparagine: 0.06, sugarRange: [2, 6], glass: 475, softening: 330, raw: [70, 22, 46], golden: [57, 25, 46] },
  { id: 'carrot', name: 'Carrot', per100g: [88.3, 0.9, 0.2, 6.8, 2.8], density: 1040, starch: 1.4, sugar: 2.8, asparagine: 0.02, sugarRange: [2, 5], glass: 460, softening: 780, raw: [62, 30, 46], golden: [53, 28, 42], wish: ['golden', 'tender'] },
  { id: 'parsnip', name: 'Parsnip', per100g: [79.5, 1.2, 0.3, 13.1, 4.9], density: 1000, starch: 6, sugar: 3, asparagine: 0.08, sugarRange: [1.5, 6], glass: 470, softening: 450, raw: [84, 0, 20], golden: [64, 15, 44] },
  { id: 'celeriac', name: 'Celeriac', per100g: [88, 1.5, 0.3, 6.2, 3], density: 980, starch: 0.4, sugar: 1.2, asparagine: 0.08, sugarRange: [0.8, 2], glass: 470, softening: 400, raw: [84, -1, 18], golden: [64, 13, 42], wish: ['golden', 'tender'] },
  { id: 'beetroot', name: 'Beetroot', per100g: [87.6, 1.6, 0.2, 6.8, 2.8], density: 1050, starch: 0.1, sugar: 3.4, asparagine: 0.05, sugarRange: [2.5, 6], glass: 460, softening: 900, raw: [28, 38, 8], golden: [26, 26, 13], wish: ['golden', 'tender'] },
  { id: 'swede', name: 'Swede', per100g: [89.3, 1.1, 0.2, 6.3, 2.3], density: 1000, starch: 0.4, sugar: 3, asparagine: 0.03, sugarRange: [2, 4.5], glass: 462, softening: 600, raw: [80, 2, 34], golden: [63, 17, 46], wish: ['golden', 'tender'] },
  { id: 'turnip', name: 'Turnip', per100g: [91.9, 0.9, 0.1, 4.6, 1.8], density: 990, starch: 0.3, sugar: 2.8, asparagine: 0.03, glass: 462, softening: 420, raw: [86, -1, 10], golden: [66, 12, 40], wish: ['golden', 'tender'] },
  { id: 'kohlrabi', name: 'Kohlrabi', per100g: [91, 1.7, 0.1, 2.6, 3.6], density: 1000, starch: 0.1, sugar: 2.2, asparagine: 0.03, glass: 465, softening: 450, raw: [86, -4, 16], golden: [65, 12, 42], wish: ['golden', 'tender'] },
  { id: 'jerusalem-artichoke', name: 'Jerusalem artichoke', per100g: [79, 2, 0.1, 16, 1.7], density: 1070, starch: 0.2, sugar: 1.2, asparagine: 0.1, sugarRange: [0.5, 5], glass: 455, softening: 350, raw: [80, 0, 15], golden: [61, 14, 40], wish: ['golden', 'tender'] },
  { id: 'cassava', name: 'Cassava', per100g: [60, 1.4, 0.3, 35.7, 1.8], density: 1130, starch: 33, sugar: 1, asparagine: 0.02, sugarRange: [0.5, 2.5], glass: 500, softening: 600, raw: [90, -1, 12], golden: [70, 12, 44], cautions: ['never-raw'] },
  { id: 'taro', name: 'Taro', per100g: [70.6, 1.5, 0.2, 22.4, 4.1], density: 1100, starch: 21, sugar: 0.5, asparagine: 0.06, sugarRange: [0.3, 1.2], glass: 498, softening: 450, raw: [82, 3, 9], golden: [65, 12, 36], cautions: ['never-raw'] },
  { id: 'yam', name: 'Yam', per100g: [69.6, 1.5, 0.2, 23.8, 4.1], density: 1100, starch: 23, sugar: 0.3, asparagine: 0.05, sugarRange: [0.15, 1], glass: 500, softening: 420, raw: [87, 0, 14], golden: [68, 12, 42], cautions: ['never-raw'] },
];
