import type { DishWay } from './evening-problem';

/** Signs in the id of a way: between its fryers, and before how its food is kept. */
export const TOGETHER = '+';
export const KEPT = ' ';

/** The fryers of a way, as one word. */
export function fryersOf({ id }: Pick<DishWay, 'id'>): string {
  return id.split(KEPT)[0]!;
}

/** How the food of a fried way waits for the table; null for a dish of the cook's own. */
export function keepOf({ id }: Pick<DishWay, 'id'>): 'rack' | 'oven' | 'back' | null {
  return (id.split(KEPT)[1] as 'rack' | 'oven' | 'back' | undefined) ?? null;
}
