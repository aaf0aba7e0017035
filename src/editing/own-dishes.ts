import type { OwnDishFile } from '../schemas/evening-file';

/** Dishes beside the fried ones that come with the app, for four people. Made up, times assumed, as a cook at home takes. */
export const OWN_DISHES: readonly (Omit<OwnDishFile, 'id'> & { readonly caution?: string })[] = [
  {
    kind: 'own',
    name: 'Herb dip',
    at_table: 'keeps',
    needs: ['250 g yoghurt', '1 bunch of herbs', '1 lemon'],
    steps: [
      { word: 'Chop herbs, stir the dip', hands_min: 8, waits_min: 0, place: 'board' },
      { word: 'Chill the dip', hands_min: 1, waits_min: 45, place: 'fridge', most_min: 120 },
    ],
  },
  {
    kind: 'own',
    name: 'Rice',
    at_table: 'hot',
    needs: ['300 g rice', 'salt'],
    steps: [
      { word: 'Rinse rice, bring to the boil', hands_min: 4, waits_min: 0, place: 'ring', most_min: 2 },
      { word: 'Simmer under the lid', hands_min: 1, waits_min: 14, place: 'ring', most_min: 5 },
      { word: 'Rest, loosen with a fork', hands_min: 1, waits_min: 5, place: 'aside' },
    ],
  },
  {
    kind: 'own',
    name: 'Fish from the pan',
    at_table: 'hot',
    needs: ['4 pieces of fish', 'oil', 'salt'],
    steps: [
      { word: 'Dry and salt the fish', hands_min: 3, waits_min: 0, place: 'board', most_min: 15 },
      { word: 'Fry the fish; 63 °C by the probe', hands_min: 8, waits_min: 0, place: 'ring' },
    ],
  },
  {
    kind: 'own',
    name: 'Leaf salad',
    at_table: 'fresh',
    needs: ['2 heads of lettuce', 'oil, vinegar'],
    steps: [
      { word: 'Wash and spin the leaves', hands_min: 6, waits_min: 0, place: 'sink' },
      { word: 'Dress the salad', hands_min: 2, waits_min: 0, place: 'aside', most_min: 10 },
    ],
  },
];

/** The dish for other people: what is bought goes by their number, hands by its square root, and waiting stays. */
export function ownDishFor(dish: Omit<OwnDishFile, 'id'>, id: string, from: number, people: number): OwnDishFile {
  const share = people / from;
  const grow = (minutes: number) => Math.max(0.5, Math.round(minutes * Math.sqrt(share) * 2) / 2);
  return {
    kind: 'own',
    id,
    name: dish.name,
    at_table: dish.at_table,
    needs: dish.needs.map((need) => need.replace(/^\d+(?:[.,]\d+)?/, (number) => amount(Number(number) * share))),
    steps: dish.steps.map((step) => ({ ...step, hands_min: step.hands_min > 0 ? grow(step.hands_min) : 0 })),
  };
}

/** An amount as it is bought: pieces in halves, grams in tens. */
function amount(value: number): string {
  return String(value >= 20 ? Math.round(value / 10) * 10 : Math.max(0.5, Math.round(value * 2) / 2));
}
