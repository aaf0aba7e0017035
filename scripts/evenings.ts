/* npm run evenings: puts twenty evenings in order, and twenty hard ones of four fried dishes and one pair of hands, and says how long it takes, how far from the best each may be, and what it gains over an order made by hand. */
import { performance } from 'node:perf_hooks';
import { arrangeEvening } from '../src/core/evening/arrange-evening';
import { type FriedDish } from '../src/core/evening/fried-ways';
import { keepOf } from '../src/core/evening/way-id';
import type { EveningProblem } from '../src/core/evening/evening-problem';
import { forecastDish } from '../src/core/evening/forecast-dish';
import { findFood } from '../src/core/food/catalogue';
import { createSeededRandom } from '../src/core/numeric/seeded-random';
import { medianOf } from '../src/core/numeric/quantile';
import { newEvening, withDish } from '../src/editing/edit-evening';
import { eveningProblem, fryerResource } from '../src/editing/evening-problem';
import { withFryer } from '../src/editing/edit-plan';
import { openingsFor } from '../src/editing/openings-for';
import { OWN_DISHES, ownDishFor } from '../src/editing/own-dishes';
import { planOfWay, waysOf } from '../src/editing/ways/plan-of-way';
import type { KitchenFryer } from '../src/schemas/kitchen';
import { loadOrder } from '../src/schemas/load-order';
import { wholePlanFromFile } from '../src/schemas/plan-from-file';

const EVENINGS = Number(process.argv[2] ?? 20);
const SEED = 1;

const FRYERS: readonly KitchenFryer[] = [
  {
    id: '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11',
    name: 'Large drawer',
    powerW: 1500,
    basketCm2: 500,
    basketHeightMm: 90,
    thermostatOffsetC: 0,
  },
  {
    id: '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c12',
    name: 'Small',
    powerW: 1200,
    basketCm2: 330,
    basketHeightMm: 80,
    thermostatOffsetC: 0,
  },
];

const FOODS = [
  'celeriac',
  'carrot',
  'kohlrabi',
  'tofu-smoked',
  'swede',
  'potato-floury',
  'courgette',
  'cauliflower',
  'sweet-potato',
];

const random = createSeededRandom(16);
const whole = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));

const forecasts = new Map<string, FriedDish>();

/** A food for some people in one fryer, each forecast once. */
function dishOf(foodId: string, people: number) {
  const way = waysOf(foodId)[0]!;
  const plan = planOfWay(findFood(foodId)!, way, { people, each: Math.round((way.each * 0.6) / 5) * 5 }, FRYERS[0]!);
  const each = FRYERS.map((fryer) => {
    const key = `${foodId} ${people} ${fryer.id}`;
    const known = forecasts.get(key);
    if (known) return known;
    const own = openingsFor(withFryer(plan, fryer), SEED);
    const forecast = forecastDish(fryerResource(fryer.id), wholePlanFromFile(own), loadOrder(own), SEED);
    forecasts.set(key, forecast);
    return forecast;
  });
  return { plan, each };
}

/** As a cook would by hand: the dishes in turn, the longest first, each fryer by turns, everything on a rack. */
function byHand(problem: EveningProblem, fried: ReadonlyMap<string, readonly FriedDish[]>): EveningProblem {
  const length = (id: string) => fried.get(id)![0]!.loads.reduce((sum, { pull }) => sum + pull, 0);
  const ids = [...fried.keys()].sort((a, b) => length(b) - length(a));
  const dishes = problem.dishes.map((dish) => {
    const turn = ids.indexOf(dish.id);
    if (turn < 0) return dish;
    const fryer = problem.fryers[turn % problem.fryers.length]!;
    return { ...dish, ways: dish.ways.filter((way) => way.id === `${fryer} rack`) };
  });
  const order = ids.slice(problem.fryers.length).map((id, i): [string, string] => {
    const before = ids[i]!;
    return [`${before}:load-${fried.get(before)![0]!.loads.length}`, `${id}:load-1`];
  });
  return { ...problem, dishes, order };
}

/** What is to be on the table, for how many, and by how many hands. */
interface Wish {
  readonly foods: readonly string[];
  readonly people: number;
  readonly own: number;
  readonly cooks: readonly string[];
}

const someFoods = (count: number) => [...FOODS].sort(() => random() - 0.5).slice(0, count);

/** Two to four fried dishes for two to six people, up to two others, one or two cooks. */
function anyWish(): Wish {
  const foods = someFoods(whole(2, 4));
  const people = 2 * whole(1, 3);
  const own = whole(0, 2);
  return { foods, people, own, cooks: ['A', 'B'].slice(0, whole(1, 2)) };
}

/** Four fried dishes, large, with one pair of hands; half of them with two dishes beside. */
function hardWish(n: number): Wish {
  return { foods: someFoods(4), people: 8, own: n % 2 === 0 ? 2 : 0, cooks: ['A'] };
}

/** Puts the evenings in order, prints a line for each and what they say together. */
function measure(name: string, wishes: readonly Wish[]): void {
  console.log(`${name}\nevening  dishes  steps  cooks  time ms  proved  looked  loss  bound  by hand`);
  const times: number[] = [];
  const gains: number[] = [];
  let proved = 0;
  wishes.forEach(({ foods, people, own, cooks }, i) => {
    let evening = {
      ...newEvening(
        `Evening ${i + 1}`,
        new Date('2026-11-28T19:00:00Z'),
        FRYERS.map(({ id }) => id),
      ),
      people,
      cooks: [...cooks],
    };
    const fried = new Map<string, readonly FriedDish[]>();
    for (const food of foods) {
      const { plan, each } = dishOf(food, people);
      evening = { ...evening, ...withDish(evening, { kind: 'plan', id: food, plan }) };
      fried.set(food, each);
    }
    for (const dish of OWN_DISHES.slice(0, own)) {
      evening = {
        ...evening,
        ...withDish(evening, ownDishFor(dish, dish.name.toLowerCase().replace(/ /g, '-'), 4, people)),
      };
    }
    const problem = eveningProblem(evening, fried);
    const since = performance.now();
    const answer = arrangeEvening(problem);
    const ms = performance.now() - since;
    const hand = arrangeEvening(byHand(problem, fried), 2000).best;
    const ways = answer.best ? [...answer.best.ways.values()] : [];
    const steps = ways.reduce((sum, way) => sum + way.steps.length, 0);
    times.push(ms);
    if (answer.proved) proved++;
    if (answer.best && hand) gains.push(hand.loss - answer.best.loss);
    const kept = ways.map((way) => keepOf(way)?.charAt(0) ?? '-').join('');
    console.log(
      `${String(i + 1).padStart(7)}${String(evening.dishes.length).padStart(8)}${String(steps).padStart(7)}${String(cooks.length).padStart(7)}${ms.toFixed(0).padStart(9)}${(answer.proved ? 'yes' : 'no').padStart(8)}${String(answer.looked).padStart(8)}${(answer.best?.loss ?? NaN).toFixed(1).padStart(7)}${answer.bound.toFixed(1).padStart(7)}${(hand?.loss ?? NaN).toFixed(1).padStart(9)}  ${kept}`,
    );
  });
  console.log(
    `median ${medianOf(times).toFixed(0)} ms, longest ${Math.max(...times).toFixed(0)} ms; proved ${proved} of ${wishes.length}; gained over the order by hand: ${medianOf(gains).toFixed(1)} points of a dish in the middle, ${Math.max(...gains).toFixed(1)} at most (100 is a dish gone altogether)\n`,
  );
}

measure('Any evening', Array.from({ length: EVENINGS }, anyWish));
measure(
  'Four fried dishes for eight and one pair of hands',
  Array.from({ length: EVENINGS }, (_, n) => hardWish(n)),
);
