'use client';

import { useId, useMemo, useState } from 'react';
import { listFoods, findFood } from '@/core/food/catalogue';
import { newDishId, planForPeople } from '@/editing/edit-evening';
import { OWN_DISHES, ownDishFor } from '@/editing/own-dishes';
import type { OwnRecipe } from '@/editing/own-recipe';
import { readOwnSteps, writeOwnSteps } from '@/editing/own-steps';
import { planOfWay, waysOf } from '@/editing/ways/plan-of-way';
import { EVENING_LIMITS, type EveningDishFile, type EveningFile } from '@/schemas/evening-file';
import type { KitchenFryer } from '@/schemas/kitchen';
import type { PlanFile } from '@/schemas/plan-file';
import { cutText } from '@/schemas/storable-text';
import { Button } from '@/ui/controls/button';
import { Choice } from '@/ui/controls/choice';
import { useUnits } from '@/ui/units-context';
import { sizesIn } from '@/ui/words/format';
import { RecipeFile } from './recipe-file';

/** People for whom the dishes that come with the app are written. */
const WRITTEN_FOR = 4;

/** A fried dish beside others, as a share of what one eats of it otherwise. Source: assumed; several dishes are on the table. */
const BESIDE_OTHERS = 0.6;

/** A plan that is kept, by its name. */
export interface OfferedPlan {
  readonly id: string;
  readonly document: PlanFile;
}

type From = 'plan' | 'food' | 'shipped' | 'own';

const selectLook = 'mt-1 h-11 w-full rounded-part border-2 border-enamel-deep bg-paper px-2 text-[16px]';

/** One more dish: a plan that is kept, a food in one of its usual ways, one that comes with the app, or the cook's own, a line a step. */
export function AddDish({
  evening,
  fryer,
  plans,
  onAdd,
}: {
  evening: EveningFile;
  fryer: KitchenFryer;
  plans: readonly OfferedPlan[];
  onAdd: (dish: EveningDishFile) => void;
}) {
  const id = useId();
  const units = useUnits();
  const [from, setFrom] = useState<From>('food');
  const [planId, setPlanId] = useState(plans[0]?.id ?? '');
  const foods = useMemo(() => listFoods().filter((food) => waysOf(food.id).length > 0), []);
  const [foodId, setFoodId] = useState(foods[0]!.id);
  const ways = waysOf(foodId);
  const [wayId, setWayId] = useState(ways[0]!.id);
  const way = ways.find((one) => one.id === wayId) ?? ways[0]!;
  const [shipped, setShipped] = useState(OWN_DISHES[0]!.name);
  const [name, setName] = useState('');
  const [text, setText] = useState('');
  const [recipe, setRecipe] = useState<OwnRecipe | null>(null);
  const [manner, setManner] = useState<'hot' | 'fresh' | 'keeps'>('hot');
  const [problem, setProblem] = useState<string | null>(null);
  if (evening.dishes.length >= EVENING_LIMITS.dishes) {
    return <p className="text-[15px]">Eight dishes are as many as one evening holds.</p>;
  }
  const made = (): EveningDishFile | string => {
    switch (from) {
      case 'plan': {
        const plan = plans.find((one) => one.id === planId)?.document;
        if (!plan) return 'Choose one of your plans.';
        return { kind: 'plan', id: newDishId(evening, plan.name), plan: planForPeople(plan, evening.people) };
      }
      case 'food': {
        const food = findFood(foodId)!;
        const guests = { people: evening.people, each: Math.round((way.each * BESIDE_OTHERS) / 5) * 5 };
        const made = planOfWay(food, way, guests, fryer);
        const plan = { ...made, name: sizesIn(made.name, units) };
        return { kind: 'plan', id: newDishId(evening, food.name), plan };
      }
      case 'shipped': {
        const dish = OWN_DISHES.find((one) => one.name === shipped)!;
        return ownDishFor(dish, newDishId(evening, dish.name), WRITTEN_FOR, evening.people);
      }
      case 'own': {
        if (name.trim() === '') return 'Give the dish a name.';
        const steps = readOwnSteps(text);
        if (!Array.isArray(steps)) return `Line ${steps.line} says how long, but not what is done.`;
        if (steps.length === 0) return 'Write at least one step, such as “chop herbs 5 min”.';
        if (steps.length > EVENING_LIMITS.steps) return `At most ${EVENING_LIMITS.steps} steps.`;
        if (steps.some(({ hands_min, waits_min }) => hands_min > 180 || waits_min > EVENING_LIMITS.minutes)) {
          return 'Hands at most 3 hours and waiting at most a day for one step.';
        }
        const dish = { kind: 'own' as const, name: cutText(name.trim(), 60), at_table: manner, steps };
        const id = newDishId(evening, name);
        if (!recipe) return { ...dish, id, needs: [] };
        return ownDishFor({ ...dish, needs: recipe.needs }, id, recipe.people ?? evening.people, evening.people);
      }
    }
  };
  const add = () => {
    const dish = made();
    if (typeof dish === 'string') return setProblem(dish);
    setProblem(null);
    setName('');
    setText('');
    setRecipe(null);
    onAdd(dish);
  };
  return (
    <form
      aria-label="Add a dish"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
      className="space-y-3"
    >
      <Choice
        label="Add a dish"
        value={from}
        options={[
          { value: 'food', word: 'From the fryer' },
          ...(plans.length > 0 ? [{ value: 'plan' as const, word: 'One of your plans' }] : []),
          { value: 'shipped', word: 'A side dish' },
          { value: 'own', word: 'In your own words' },
        ]}
        onChange={setFrom}
      />
      {from === 'plan' && (
        <label className="block text-[14px] font-semibold">
          Plan
          <select className={selectLook} value={planId} onChange={({ target }) => setPlanId(target.value)}>
            {plans.map((plan) => (
              <option key={plan.id} value={plan.id}>
                {plan.document.name}
              </option>
            ))}
          </select>
        </label>
      )}
      {from === 'food' && (
        <div className="grid gap-3 sm:grid-cols-2">
          <label className="block text-[14px] font-semibold">
            Food
            <select
              className={selectLook}
              value={foodId}
              onChange={({ target }) => {
                setFoodId(target.value);
                setWayId(waysOf(target.value)[0]!.id);
              }}
            >
              {foods.map((food) => (
                <option key={food.id} value={food.id}>
                  {food.name}
                </option>
              ))}
            </select>
          </label>
          <label className="block text-[14px] font-semibold">
            Made as
            <select className={selectLook} value={way.id} onChange={({ target }) => setWayId(target.value)}>
              {ways.map((one) => (
                <option key={one.id} value={one.id}>
                  {sizesIn(one.name, units)}
                </option>
              ))}
            </select>
          </label>
        </div>
      )}
      {from === 'shipped' && (
        <label className="block text-[14px] font-semibold">
          Dish
          <select className={selectLook} value={shipped} onChange={({ target }) => setShipped(target.value)}>
            {OWN_DISHES.map((dish) => (
              <option key={dish.name}>{dish.name}</option>
            ))}
          </select>
        </label>
      )}
      {from === 'own' && (
        <>
          <label className="block text-[14px] font-semibold">
            Name
            <input
              className={selectLook}
              maxLength={60}
              value={name}
              onChange={({ target }) => setName(target.value)}
            />
          </label>
          <label className="block text-[14px] font-semibold">
            Steps, a line each
            <textarea
              rows={4}
              maxLength={1500}
              value={text}
              aria-describedby={`${id}-hint`}
              onChange={({ target }) => setText(target.value)}
              className="mt-1 w-full rounded-part border-2 border-enamel-deep bg-paper p-2 text-[16px]"
            />
          </label>
          <p id={`${id}-hint`} className="text-[14px] text-iron-soft">
            “Chop herbs 5 min”, “simmer lentils 2 min, 20 min waiting”, “chill 1 h waiting, fridge”, “dress 2 min,
            within 10 min”.
          </p>
          <RecipeFile
            onTake={(taken) => {
              setRecipe(taken);
              setName(taken.name);
              setText(writeOwnSteps(taken.steps));
              setProblem(null);
            }}
          />
          {recipe && (
            <p role="status" className="text-[14px] text-iron-soft">
              Read as far as its words say it: look over what takes hands, and what waits.
              {recipe.needs.length > 0 &&
                ` What is bought for it${recipe.people ? ` (written for ${recipe.people})` : ''} comes along: ${recipe.needs.length} ${recipe.needs.length === 1 ? 'line' : 'lines'}.`}
            </p>
          )}
          <Choice
            label="At the table"
            value={manner}
            options={[
              { value: 'hot', word: 'Hot from the stove' },
              { value: 'fresh', word: 'Fresh, dressed last' },
              { value: 'keeps', word: 'Keeps' },
            ]}
            onChange={setManner}
          />
        </>
      )}
      {problem && (
        <p role="alert" className="text-[15px] text-alarm">
          {problem}
        </p>
      )}
      <Button type="submit" look="main">
        Add it
      </Button>
    </form>
  );
}
