import { findFood } from '@/core/food/catalogue';
import { newDishId, newEvening, nextEvening } from '@/editing/edit-evening';
import { OWN_DISHES, ownDishFor } from '@/editing/own-dishes';
import { planOfWay, waysOf } from '@/editing/ways/plan-of-way';
import type { EveningFile } from '@/schemas/evening-file';
import type { KitchenFryer } from '@/schemas/kitchen';

const PEOPLE = 6;

/** What is fried that evening, by the usual ways, and how much of it each eats beside the others. */
const FRIED = [
  ['celeriac', 'sticks', 0.6],
  ['carrot', 'sticks', 0.5],
  ['kohlrabi', 'chips', 0.6],
  ['tofu-smoked', 'cubes', 0.6],
] as const;

const BESIDE = ['Herb dip', 'Leaf salad'] as const;

/** The board-game evening for six: four dishes from two fryers, a dip and a salad, two pairs of hands. @param fryers the larger first */
export function demoEvening(fryers: readonly [KitchenFryer, KitchenFryer], now: Date): EveningFile {
  const bare = newEvening('Board-game evening', nextEvening(now), [fryers[0].id, fryers[1].id]);
  const evening: EveningFile = { ...bare, people: PEOPLE, cooks: ['A', 'B'] };
  const fried = FRIED.map(([foodId, wayId, share]): EveningFile['dishes'][number] => {
    const food = findFood(foodId)!;
    const way = waysOf(foodId).find(({ id }) => id === wayId)!;
    const plan = planOfWay(food, way, { people: PEOPLE, each: Math.round(way.each * share) }, fryers[0]);
    return { kind: 'plan', id: newDishId(evening, food.name), plan };
  });
  const own = BESIDE.map((name) =>
    ownDishFor(
      OWN_DISHES.find((dish) => dish.name === name)!,
      newDishId(evening, name),
      4,
      PEOPLE,
    ),
  );
  return { ...evening, dishes: [...fried, ...own] };
}
