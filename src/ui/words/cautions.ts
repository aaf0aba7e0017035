import type { FoodCaution } from '../../core/food/food';

/** Cautions of foods. */
export const FOOD_CAUTIONS: Record<FoodCaution, string> = {
  'green-or-sprouted': 'Cut away nothing from green or sprouted potatoes: leave them out whole.',
  'not-in-the-fridge':
    'Potatoes from the fridge turn sweeter, brown sooner and form more acrylamide. Golden, not brown.',
  'never-raw': 'Never eaten raw: peel, and cook it through.',
  'probe-the-centre': 'Colour tells nothing of the inside: chicken 74 °C, fish 63 °C at the centre, by a probe.',
  'allergen-soy': 'Contains soy.',
  'allergen-milk': 'Contains milk.',
  'allergen-gluten': 'Contains gluten.',
};

/** Cautions of steps, shown where they matter. */
export const STEP_CAUTIONS = {
  cut: 'Make a stable flat before cutting, fingers above the blade. At a mandoline use the guard or a cut-proof glove.',
  soak: 'Freshly boiled water scalds: pour it over the pieces in the sink, not in the hand.',
  dry: 'Dry before oiling; wet pieces spit in a hot basket.',
  coat: 'No aerosol spray onto a hot heater. Oil in the bowl, not in the fryer.',
  fryer: 'Parchment only under food, never in the preheat.',
  load: 'Do not overfill: air must pass, and nothing may touch the heater.',
  cook: 'Drawer, basket and steam are hot. Follow your appliance’s manual and your local food-safety authority; where they differ from Drubek, they are right.',
} as const;
