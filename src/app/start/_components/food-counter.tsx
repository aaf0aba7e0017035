'use client';

import { ChevronDown } from 'lucide-react';
import { RadioGroup } from 'radix-ui';
import { useLayoutEffect, useRef, useState } from 'react';
import type { Food } from '@/core/food/food';
import { waysOf } from '@/editing/ways/plan-of-way';
import { nameFit, OTHER_NAMES } from '@/ui/words/food-names';
import { WayPile } from './way-pile';
import { RadioRoot } from '@/ui/controls/radio-root';

/** Foods that lie on the counter before the rest is asked for. */
const ON_COUNTER = 7;

/** What is to be made: foods side by side as they come out, found by any name. */
export function FoodCounter({
  foods,
  chosen,
  onChoose,
}: {
  foods: readonly Food[];
  chosen: string;
  onChoose: (food: Food) => void;
}) {
  const [typed, setTyped] = useState('');
  const [all, setAll] = useState(false);
  const counter = useRef<HTMLDivElement>(null);
  useLayoutEffect(() => {
    /* what is chosen lies in view, however far along the counter */
    const { current: along } = counter;
    const item = along?.querySelector<HTMLElement>('[data-state=checked]');
    if (along && item && typed === '') along.scrollLeft = item.offsetLeft - (along.clientWidth - item.offsetWidth) / 2;
  }, [chosen, typed]);
  const found = foods
    .map((food) => ({ food, fit: nameFit(typed, food) }))
    .filter(({ fit }) => fit > 0)
    .sort((a, b) => b.fit - a.fit)
    .map(({ food }) => food);
  const shown = all ? found : found.slice(0, ON_COUNTER);
  const [first] = found;
  const current = foods.find(({ id }) => id === chosen);
  /* what is chosen stays on the counter, however it was found */
  const lying = current && typed === '' && !shown.includes(current) ? [current, ...shown.slice(0, -1)] : shown;
  return (
    <div>
      <div className="flex flex-wrap items-center gap-x-9 gap-y-2 pt-1 pb-2 sm:px-6">
        <h1 className="text-[26px] sm:text-[36px]">What are you making?</h1>
        <label className="flex h-12 w-full max-w-[360px] items-center rounded-part border-2 border-rim bg-enamel px-3">
          <span className="sr-only">Name of a food</span>
          <input
            type="search"
            value={typed}
            placeholder="Type any name you know it by"
            maxLength={40}
            onChange={(event) => setTyped(event.target.value)}
            onKeyDown={(event) => {
              if (event.key !== 'Enter' || !first) return;
              onChoose(first);
              setTyped('');
            }}
            className="min-w-0 grow bg-transparent text-[17px] font-semibold outline-none placeholder:font-normal"
          />
        </label>
        <p role="status" className="text-[13px] leading-tight text-iron-soft">
          {typed === ''
            ? `${foods.length} foods; yours lie in front.`
            : first
              ? `Enter takes ${first.name}${OTHER_NAMES[first.id] ? `, also ${OTHER_NAMES[first.id]!.slice(0, 2).join(' or ')}` : ''}.`
              : 'No food of that name. Take its nearest kin; its label can be typed on the bench.'}
        </p>
      </div>
      <RadioRoot
        ref={counter}
        aria-label="Food"
        value={chosen}
        orientation="horizontal"
        onValueChange={(id) => {
          const food = foods.find((one) => one.id === id);
          if (!food) return;
          onChoose(food);
          setTyped('');
        }}
        className={`relative z-[1] -mb-0.5 flex gap-x-1 ${all ? 'flex-wrap gap-y-1' : 'overflow-x-auto'} sm:px-6 ${all ? '' : '-mx-1 px-1'}`}
      >
        {lying.map((food) => (
          <RadioGroup.Item
            key={food.id}
            value={food.id}
            className="group relative w-[110px] shrink-0 rounded-t-tray border-2 border-b-0 border-transparent px-1 pt-1 pb-2 text-center data-[state=checked]:rising sm:w-[142px]"
          >
            <WayPile food={food} way={waysOf(food.id)[0]!} className="mx-auto size-[92px] sm:size-[116px]" />
            <span className="block text-[15px] leading-tight font-semibold text-rim group-data-[state=checked]:text-iron">
              {food.name}
            </span>
          </RadioGroup.Item>
        ))}
        {!all && found.length > shown.length && (
          <button
            type="button"
            onClick={() => setAll(true)}
            className="min-h-11 shrink-0 self-end px-3 pb-3 text-[15px] font-semibold whitespace-nowrap text-rim"
          >
            {found.length - shown.length} more <ChevronDown size={16} aria-hidden className="inline" />
          </button>
        )}
      </RadioRoot>
    </div>
  );
}
