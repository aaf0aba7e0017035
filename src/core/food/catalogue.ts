import { rampBetween } from './colour-ramp';
import type { Food } from './food';

/*
 * Compositions and sugars: averages of public food-composition tables, rounded to the third place.
 * Densities: potato 1080 and carrot 1040 kg/m³, Rahman (2009); the others between 950 and 1060 by their pores, assumed.
 * Softening: potato 260 s at 100 °C; carrot and beet two to four times that, after Harada et al. (1985) and Huang & Bourne (1983).
 * Dry glass transition: starch 500 K, Orford et al. (1989); sugary tissue and soy protein lower, assumed.
 * Colours: raw and golden L*a*b*, assumed from the look of the food under daylight.
 */
const FOODS: readonly Food[] = [
  {
    id: 'potato-floury',
    name: 'Floury potato',
    composition: { water: 0.785, protein: 0.02, fat: 0.001, carbohydrate: 0.163, fibre: 0.021, ash: 0.01 },
    density: 1085,
    starch: 0.155,
    reducingSugar: 0.003,
    dryGlassTransition: 500,
    softeningDose: 260,
    ramp: rampBetween([82, 0, 22], [66, 14, 46]),
    cautions: ['green-or-sprouted', 'not-in-the-fridge'],
  },
  {
    id: 'celeriac',
    name: 'Celeriac',
    composition: { water: 0.88, protein: 0.015, fat: 0.003, carbohydrate: 0.062, fibre: 0.03, ash: 0.01 },
    density: 980,
    starch: 0.004,
    reducingSugar: 0.012,
    dryGlassTransition: 470,
    softeningDose: 400,
    ramp: rampBetween([84, -1, 18], [64, 13, 42]),
    cautions: [],
  },
  {
    id: 'carrot',
    name: 'Carrot',
    composition: { water: 0.883, protein: 0.009, fat: 0.002, carbohydrate: 0.068, fibre: 0.028, ash: 0.01 },
    density: 1040,
    starch: 0.014,
    reducingSugar: 0.024,
    dryGlassTransition: 460,
    softeningDose: 780,
    ramp: rampBetween([62, 30, 46], [53, 28, 42]),
    cautions: [],
  },
  {
    id: 'kohlrabi',
    name: 'Kohlrabi',
    composition: { water: 0.91, protein: 0.017, fat: 0.001, carbohydrate: 0.026, fibre: 0.036, ash: 0.01 },
    density: 1000,
    starch: 0.001,
    reducingSugar: 0.022,
    dryGlassTransition: 465,
    softeningDose: 450,
    ramp: rampBetween([86, -4, 16], [65, 12, 42]),
    cautions: [],
  },
  {
    id: 'beetroot',
    name: 'Beetroot',
    composition: { water: 0.876, protein: 0.016, fat: 0.002, carbohydrate: 0.068, fibre: 0.028, ash: 0.01 },
    density: 1050,
    starch: 0.001,
    reducingSugar: 0.015,
    dryGlassTransition: 460,
    softeningDose: 900,
    ramp: rampBetween([28, 38, 8], [26, 26, 13]),
    cautions: [],
  },
  {
    id: 'tofu-firm',
    name: 'Firm tofu',
    composition: { water: 0.8, protein: 0.115, fat: 0.06, carbohydrate: 0.012, fibre: 0.004, ash: 0.009 },
    density: 1020,
    starch: 0,
    reducingSugar: 0.003,
    dryGlassTransition: 450,
    softeningDose: 1,
    ramp: rampBetween([87, 1, 14], [67, 13, 42]),
    cautions: ['allergen-soy'],
  },
  {
    id: 'tofu-smoked',
    name: 'Smoked tofu',
    composition: { water: 0.68, protein: 0.185, fat: 0.105, carbohydrate: 0.012, fibre: 0.004, ash: 0.014 },
    density: 1050,
    starch: 0,
    reducingSugar: 0.003,
    dryGlassTransition: 450,
    softeningDose: 1,
    ramp: rampBetween([68, 9, 31], [55, 17, 38]),
    cautions: ['allergen-soy'],
  },
  {
    id: 'swede',
    name: 'Swede',
    composition: { water: 0.893, protein: 0.011, fat: 0.002, carbohydrate: 0.063, fibre: 0.023, ash: 0.008 },
    density: 1000,
    starch: 0.004,
    reducingSugar: 0.03,
    dryGlassTransition: 462,
    softeningDose: 600,
    ramp: rampBetween([80, 2, 34], [63, 17, 46]),
    cautions: [],
  },
  {
    id: 'jerusalem-artichoke',
    name: 'Jerusalem artichoke',
    composition: { water: 0.79, protein: 0.02, fat: 0.001, carbohydrate: 0.16, fibre: 0.017, ash: 0.012 },
    density: 1070,
    starch: 0.002,
    reducingSugar: 0.012,
    dryGlassTransition: 455,
    softeningDose: 350,
    ramp: rampBetween([80, 0, 15], [61, 14, 40]),
    cautions: [],
  },
];

/** Every food Drubek knows, in the order shown. */
export function listFoods(): readonly Food[] {
  return FOODS;
}

/** The food with this id, or null. */
export function findFood(id: string): Food | null {
  return FOODS.find((food) => food.id === id) ?? null;
}
