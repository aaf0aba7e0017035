import type { Food } from './food';

/** How a food was kept: new from the field, as usually sold, late in the season, or sweetened in the cold. */
export const STORAGES = ['new', 'usual', 'late', 'cold'] as const;

/** The name of a storage. */
export type Storage = (typeof STORAGES)[number];

/** Reducing sugar of a food kept so, kg/kg fresh: the ends of its range, or between usual and most (geometric mean, assumed). */
export function sugarOf(food: Food, storage: Storage): number {
  const [least, most] = food.sugarRange;
  switch (storage) {
    case 'new':
      return least;
    case 'usual':
      return food.reducingSugar;
    case 'late':
      return Math.sqrt(food.reducingSugar * most);
    case 'cold':
      return most;
  }
}
