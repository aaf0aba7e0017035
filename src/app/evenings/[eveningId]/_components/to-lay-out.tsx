'use client';

import { shoppingList } from '@/editing/shopping-list';
import type { EveningFile } from '@/schemas/evening-file';
import { useUnits } from '@/ui/units-context';
import { massText } from '@/ui/words/format';

/** All that the evening takes, to buy and to lay out. */
export function ToLayOut({ evening }: { evening: EveningFile }) {
  const units = useUnits();
  const needed = shoppingList(evening);
  if (needed.length === 0) return <p className="text-[16px]">Add a dish, and what it takes stands here.</p>;
  return (
    <div>
      <ul aria-label="To buy and to lay out" className="grid gap-x-8 sm:grid-cols-2">
        {needed.map(({ what, grams, dishes }) => (
          <li key={what} className="flex items-baseline gap-3 border-b border-enamel-deep py-1.5 text-[16px]">
            <span className="min-w-0 grow">
              {grams !== null && <strong>{massText(grams, units)} </strong>}
              {what}
            </span>
            <span className="text-right text-[13px] text-iron-soft">
              {dishes.map((name) => name.split(':')[0]).join(', ')}
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-2 text-[14px] text-iron-soft">
        Weights are of cut pieces; buy a fifth more of what is peeled. Coatings may contain gluten, egg, milk, soy or
        sesame: ask your guests.
      </p>
    </div>
  );
}
