'use client';

import { Minus, Plus } from 'lucide-react';
import { batchYield } from '@/core/cut/batch-yield';
import type { Way } from '@/editing/ways/way';
import type { PlanFile } from '@/schemas/plan-file';
import { wholePlanFromFile } from '@/schemas/plan-from-file';
import { Choice } from '@/ui/controls/choice';
import { useUnits } from '@/ui/units-context';
import { massText } from '@/ui/words/format';

/** How much of a meal it is, as a share of what one eats of it beside other things. Source: assumed. */
const APPETITES = { nibble: 0.45, beside: 1, main: 1.6 } as const;

/** How much of a meal it is. */
export type Appetite = keyof typeof APPETITES;

const APPETITE_WORDS: Record<Appetite, string> = {
  nibble: 'A nibble',
  beside: 'Beside other things',
  main: 'The meal itself',
};

const MOST_PEOPLE = 12;

/** g of cut pieces for one. */
export function eachOf(way: Way, appetite: Appetite): number {
  return Math.round((way.each * APPETITES[appetite]) / 5) * 5;
}

/** Who eats, and how much that is. */
export function Guests({
  document,
  people,
  appetite,
  onPeople,
  onAppetite,
}: {
  document: PlanFile;
  people: number;
  appetite: Appetite;
  onPeople: (people: number) => void;
  onAppetite: (appetite: Appetite) => void;
}) {
  const units = useUnits();
  const plan = wholePlanFromFile(document);
  const { count } = batchYield(plan.food, plan.cut, plan.mass);
  const step = 'flex size-11 items-center justify-center text-rim disabled:text-ash';
  return (
    <div>
      <h2 className="font-display text-[20px] font-semibold">For whom?</h2>
      <div className="mt-1 inline-flex items-center rounded-part border-2 border-rim bg-enamel">
        <button
          type="button"
          aria-label="One fewer"
          className={step}
          disabled={people <= 1}
          onClick={() => onPeople(people - 1)}
        >
          <Minus size={18} aria-hidden />
        </button>
        <output
          aria-live="polite"
          className="min-w-28 border-x-2 border-enamel-deep py-2 text-center text-[16px] font-semibold"
        >
          {people === 1 ? '1 person' : `${people} people`}
        </output>
        <button
          type="button"
          aria-label="One more"
          className={step}
          disabled={people >= MOST_PEOPLE}
          onClick={() => onPeople(people + 1)}
        >
          <Plus size={18} aria-hidden />
        </button>
      </div>
      <div className="mt-2">
        <Choice
          label="How much of the meal"
          hideLabel
          value={appetite}
          options={(Object.keys(APPETITES) as Appetite[]).map((value) => ({ value, word: APPETITE_WORDS[value] }))}
          onChange={onAppetite}
        />
      </div>
      <p className="mt-2 text-[15px]">
        {massText(document.mass_g / people, units)} each, <strong>{massText(document.mass_g, units)}</strong> cut
        weight: about {count} pieces
        {document.loads.count > 1 && `, in ${document.loads.count} loads`}.
      </p>
      {document.mass_g >= 1500 && (
        <p className="text-[14px] text-iron-soft">More than this is planned as a second plan.</p>
      )}
    </div>
  );
}
