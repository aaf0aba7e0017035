import type { FoodEntry } from './define-food';

/* Sources as in roots-and-tubers.ts; densities below 1000 kg/m³ where air lies between cells or leaves, assumed. */
// prettier-ignore
export const VEGETABLES: readonly FoodEntry[] = [
  { id: 'plantain-green', name: 'Green plantain', per100g: [65, 1.3, 0.3, 30, 2.3], density: 1080, starch: 27, sugar: 1, asparagine: 0.05, sugarRange: [0.5, 3], glass: 500, softening: 400, raw: [80, 2, 30], golden: [67, 14, 48], cautions: ['never-raw'] },
  { id: 'plantain-ripe', name: 'Ripe plantain', per100g: [65, 1.3, 0.4, 30, 2.3], density: 1050, starch: 10, sugar: 10, asparagine: 0.05, sugarRange: [6, 18], glass: 455, softening: 120, raw: [76, 6, 40], golden: [55, 20, 44], wish: ['golden', 'tender'] },
  { id: 'courgette', name: 'Courgette', per100g: [94.6, 1.2, 0.3, 2.1, 1], density: 940, starch: 0.1, sugar: 2, asparagine: 0.05, glass: 460, softening: 110, raw: [84, -5, 24], golden: [65, 10, 42], wish: ['pale', 'tender'] },
  { id: 'aubergine', name: 'Aubergine', per100g: [92.5, 1, 0.2, 2.9, 3], density: 650, starch: 0.2, sugar: 2.4, asparagine: 0.04, glass: 460, softening: 150, raw: [84, -2, 18], golden: [60, 14, 38], wish: ['golden', 'tender'] },
  { id: 'pumpkin', name: 'Pumpkin', per100g: [90, 1, 0.1, 6.5, 1.6], density: 960, starch: 1.5, sugar: 2.5, asparagine: 0.05, sugarRange: [1.5, 5], glass: 465, softening: 200, raw: [72, 20, 54], golden: [58, 24, 48], wish: ['golden', 'tender'] },
  { id: 'cauliflower', name: 'Cauliflower', per100g: [92, 1.9, 0.3, 3, 2], density: 900, starch: 0.1, sugar: 1.9, asparagine: 0.03, glass: 465, softening: 260, raw: [87, -2, 16], golden: [64, 13, 40], wish: ['golden', 'tender'] },
  { id: 'broccoli', name: 'Broccoli', per100g: [89.3, 2.8, 0.4, 4, 2.6], density: 850, starch: 0.1, sugar: 1.6, asparagine: 0.03, glass: 465, softening: 160, raw: [48, -16, 24], golden: [42, 4, 28], wish: ['pale', 'tender'] },
  { id: 'brussels-sprout', name: 'Brussels sprout', per100g: [86, 3.4, 0.3, 5.2, 3.8], density: 960, starch: 0.5, sugar: 1.9, asparagine: 0.04, glass: 465, softening: 300, raw: [66, -14, 38], golden: [52, 8, 36], wish: ['golden', 'tender'] },
  { id: 'green-bean', name: 'Green bean', per100g: [90.3, 1.8, 0.2, 4.3, 2.7], density: 900, starch: 0.9, sugar: 2.2, asparagine: 0.08, glass: 465, softening: 330, raw: [54, -16, 30], golden: [46, 4, 28], wish: ['pale', 'tender'] },
  { id: 'asparagus', name: 'Asparagus', per100g: [93.2, 2.2, 0.1, 1.8, 2.1], density: 950, starch: 0.1, sugar: 1.7, asparagine: 0.12, glass: 460, softening: 120, raw: [58, -14, 32], golden: [49, 4, 30], wish: ['pale', 'tender'] },
  { id: 'okra', name: 'Okra', per100g: [89.6, 1.9, 0.2, 4.3, 3.2], density: 850, starch: 0.3, sugar: 1.2, asparagine: 0.05, glass: 465, softening: 150, raw: [54, -13, 30], golden: [45, 5, 27], wish: ['pale', 'tender'] },
  { id: 'onion', name: 'Onion', per100g: [89.1, 1.1, 0.1, 7.6, 1.7], density: 950, starch: 0, sugar: 3.5, asparagine: 0.03, sugarRange: [2, 5.5], glass: 455, softening: 150, raw: [88, -2, 12], golden: [62, 15, 42], wish: ['golden', 'tender'] },
  { id: 'mushroom', name: 'Mushroom', per100g: [92.4, 3.1, 0.3, 2.3, 1], density: 700, starch: 0, sugar: 1.5, asparagine: 0.02, glass: 455, softening: 30, raw: [86, 2, 14], golden: [54, 13, 32], wish: ['pale', 'tender'] },
  { id: 'kale', name: 'Kale', per100g: [89.6, 2.9, 1, 1.5, 3.6], density: 800, starch: 0.1, sugar: 0.9, asparagine: 0.02, sugarRange: [0.5, 2.5], glass: 470, softening: 60, raw: [40, -14, 18], golden: [34, 2, 22], wish: ['pale', 'crisp'] },
];
