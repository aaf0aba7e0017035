import { BOARD, OVEN, RING, SINK } from '../core/evening/places';
import { type DishWork, type FriedDish, friedWays } from '../core/evening/fried-ways';
import { ownWay } from '../core/evening/own-way';
import { serveWay, TABLE } from '../core/evening/table-way';
import { type EveningDish, type EveningProblem, HANDS, type Resource } from '../core/evening/evening-problem';
import { dishOf } from '../core/evening/evening-run';
import { boardWork } from '../core/prep/board-work';
import { prepTasks } from '../core/prep/prep-tasks';
import type { EveningFile, OwnDishFile, OwnPlace } from '../schemas/evening-file';
import { secondsToTable } from '../schemas/after-time';
import type { PlanFile } from '../schemas/plan-file';
import { wholePlanFromFile } from '../schemas/plan-from-file';

const MINUTE = 60;

/** A fryer of the evening as a resource; ids of kitchens have dashes, which words of ways do not mind. */
export function fryerResource(fryerId: string): Resource {
  return `fryer:${fryerId}`;
}

const PLACES: Record<OwnPlace, Resource | null> = {
  board: BOARD,
  sink: SINK,
  ring: RING,
  oven: OVEN,
  fridge: null,
  aside: null,
};

/** How long each cook takes at the board over what is reckoned, by the cook's name; 1 for one of whom nothing is known. */
export type Paces = Readonly<Record<string, number>>;

/** The pace at which a dish is cut: its cook's where it has one, else the mean of all. */
function boardPace({ cooks, hands }: EveningFile, dish: string, paces: Paces): number {
  const own = hands[`${dish}:board`];
  const who = own !== undefined && own < cooks.length ? [cooks[own]!] : cooks;
  return who.reduce((sum, name) => sum + (paces[name] ?? 1), 0) / who.length;
}

/** What of a plan is the same in every fryer. */
export function workOf(id: string, plan: PlanFile): DishWork {
  const whole = wholePlanFromFile(plan);
  return { id, board: boardWork(whole), tasks: prepTasks(whole), toTable: secondsToTable(plan) };
}

function ownDish({ id, at_table, steps }: OwnDishFile, shelves: number): EveningDish {
  const own = steps.map(({ hands_min, waits_min, place, most_min }) => ({
    hands: hands_min * MINUTE,
    waits: waits_min * MINUTE,
    place: PLACES[place],
    most: most_min === undefined ? Infinity : most_min * MINUTE,
  }));
  return { id, ways: [ownWay(id, own, at_table, shelves)] };
}

/** The ways of a dish that put its loads into the fryers of an order that was taken, and back where it puts them back. */
function waysInOrder(dish: EveningDish, order: EveningFile['order']): EveningDish {
  const mine = (order ?? []).flatMap(({ fryer_id, steps }) =>
    steps.filter((step) => dishOf(step) === dish.id).map((step) => ({ fryer: fryerResource(fryer_id), step })),
  );
  if (mine.length === 0) return dish;
  const ways = dish.ways.filter(
    (way) =>
      way.steps.every(({ id, uses }) => {
        const into = uses.find(({ resource }) => resource.startsWith('fryer:'))?.resource;
        return into === undefined || mine.some(({ fryer, step }) => step === id && fryer === into);
      }) && mine.every(({ step }) => way.steps.some(({ id }) => id === step)),
  );
  return ways.length > 0 ? { ...dish, ways } : dish;
}

/**
 * An evening as what is to be put in order.
 * @param fried each plan's dish in each fryer, by the dish; a dish that is not there yet is left out
 */
export function eveningProblem(
  evening: EveningFile,
  fried: ReadonlyMap<string, readonly FriedDish[]>,
  paces: Paces = {},
): EveningProblem {
  const serveAt = Date.parse(evening.serve_at);
  const fryers = evening.fryers.map(({ fryer_id }) => fryerResource(fryer_id));
  const dishes = evening.dishes.flatMap((dish): EveningDish[] => {
    if (dish.kind === 'own') return [ownDish(dish, evening.oven_shelves)];
    const own = fried.get(dish.id);
    if (!own) return [];
    const work = workOf(dish.id, dish.plan);
    const board = work.board * boardPace(evening, dish.id, paces);
    return [{ id: dish.id, ways: friedWays({ ...work, board }, own, evening.oven_shelves > 0) }];
  });
  return {
    dishes: [
      ...dishes.map((dish) => waysInOrder(dish, evening.order)),
      { id: TABLE, ways: [serveWay(dishes.length, evening.cooks.length)] },
    ],
    capacity: {
      [HANDS]: evening.cooks.length,
      [BOARD]: evening.boards,
      [SINK]: 1,
      [RING]: evening.rings,
      [OVEN]: evening.oven_shelves,
      ...Object.fromEntries(evening.fryers.map(({ fryer_id, drawers }) => [fryerResource(fryer_id), drawers])),
    },
    fryers,
    earliest: Infinity,
    fixed: new Map(evening.pins.map(({ step, at }) => [step, (serveAt - Date.parse(at)) / 1000])),
    order: (evening.order ?? []).flatMap(({ steps }) =>
      steps.slice(1).map((after, i): [string, string] => [steps[i]!, after]),
    ),
  };
}
