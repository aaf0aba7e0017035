import { kelvinFromCelsius } from '../units/temperature';
import { CRUMB_COAT } from './coat';
import type { FoodEntry } from './define-food';

/*
 * Sources as in roots-and-tubers.ts. Protein glass transitions lie near 450 K dry, assumed from gluten and soy; what is
 * cooked already needs no softening. Safe centres: usual figures of food-safety authorities, chicken 74 °C, fish 63 °C.
 */
// prettier-ignore
export const PROTEINS_AND_PULSES: readonly FoodEntry[] = [
  { id: 'tofu-firm', name: 'Firm tofu', per100g: [80, 11.5, 6, 1.2, 0.4], density: 1020, starch: 0, sugar: 0.3, asparagine: 0.005, glass: 450, softening: 1, raw: [87, 1, 14], golden: [67, 13, 42], cautions: ['allergen-soy'] },
  { id: 'tofu-extra-firm', name: 'Extra firm tofu', per100g: [73.5, 15.5, 8.5, 1.2, 0.4], density: 1040, starch: 0, sugar: 0.3, asparagine: 0.006, glass: 450, softening: 1, raw: [86, 1, 15], golden: [67, 13, 42], cautions: ['allergen-soy'] },
  { id: 'tofu-smoked', name: 'Smoked tofu', per100g: [68, 18.5, 10.5, 1.2, 0.4], density: 1050, starch: 0, sugar: 0.3, asparagine: 0.007, glass: 450, softening: 1, raw: [68, 9, 31], golden: [55, 17, 38], cautions: ['allergen-soy'] },
  { id: 'tempeh', name: 'Tempeh', per100g: [60, 19, 10.5, 4, 5], density: 1050, starch: 0.5, sugar: 0.8, asparagine: 0.01, glass: 455, softening: 1, raw: [76, 4, 22], golden: [56, 16, 38], cautions: ['allergen-soy'] },
  { id: 'paneer', name: 'Paneer', per100g: [53, 19, 23, 3, 0], density: 1060, starch: 0, sugar: 2, asparagine: 0, glass: 450, softening: 1, raw: [90, 0, 12], golden: [68, 14, 42], cautions: ['allergen-milk'], wish: ['golden', 'tender'] },
  { id: 'halloumi', name: 'Halloumi', per100g: [45, 22, 26, 2.2, 0], density: 1080, starch: 0, sugar: 1.5, asparagine: 0, glass: 450, softening: 1, raw: [90, 0, 12], golden: [66, 15, 42], cautions: ['allergen-milk'], wish: ['golden', 'tender'] },
  { id: 'chickpea-cooked', name: 'Cooked chickpeas', per100g: [62, 8, 2.6, 18.5, 7.5], density: 1080, starch: 16, sugar: 0.6, asparagine: 0.01, glass: 490, softening: 1, raw: [72, 5, 30], golden: [55, 15, 38] },
  { id: 'pasta-cooked', name: 'Cooked pasta', per100g: [62, 5.2, 0.9, 29.5, 1.8], density: 1080, starch: 27, sugar: 0.4, asparagine: 0.01, glass: 495, softening: 1, raw: [84, 0, 22], golden: [66, 14, 44], cautions: ['allergen-gluten'] },
  { id: 'mash-formed', name: 'Shaped mash', per100g: [77, 2.1, 1.5, 16, 1.8], density: 1060, starch: 15, sugar: 0.4, asparagine: 0.25, glass: 500, softening: 1, raw: [84, -1, 24], golden: [67, 14, 46] },
  { id: 'fish-fillet-crumbed', name: 'Crumbed fish fillet', per100g: [80, 17.5, 1.2, 0, 0], density: 1055, starch: 0, sugar: 0.1, asparagine: 0, glass: 480, softening: 1, raw: [80, 4, 28], golden: [64, 15, 44], cautions: ['allergen-gluten', 'probe-the-centre'], safeCentre: kelvinFromCelsius(63), coat: CRUMB_COAT },
  { id: 'chicken-breast-crumbed', name: 'Crumbed chicken breast', per100g: [74.5, 22.5, 1.9, 0, 0], density: 1060, starch: 0, sugar: 0.1, asparagine: 0, glass: 480, softening: 1, raw: [80, 5, 26], golden: [64, 15, 44], cautions: ['allergen-gluten', 'probe-the-centre'], safeCentre: kelvinFromCelsius(74), coat: CRUMB_COAT },
];
