'use client';

import type { EveningFile } from '@/schemas/evening-file';
import type { PlanFile } from '@/schemas/plan-file';
import { useUnits } from '@/ui/units-context';
import { atTableText, dishOfEvening, keepText, shortDishName } from '@/ui/words/evening-text';
import type { EveningView, ShownSchedule } from '@/workers/evening/protocol';
import { DishCircle } from './dish-circle';

/** Every dish as it is when it is served. */
export function OnTheTable({
  evening,
  shown,
  plans,
  pictures,
}: {
  evening: EveningFile;
  shown: ShownSchedule;
  plans: Readonly<Record<string, readonly PlanFile[]>>;
  pictures: EveningView['pictures'];
}) {
  const units = useUnits();
  return (
    <section aria-labelledby="on-the-table">
      <h2 id="on-the-table" className="text-[16px] font-semibold">
        On the table
      </h2>
      <ul className="mt-1 grid gap-x-4 gap-y-1.5 max-lg:grid-cols-2">
        {shown.table.map((table) => {
          const dish = dishOfEvening(evening, table.dish);
          if (!dish) return null;
          const picture = table.fryer === null ? undefined : pictures[table.dish]?.[table.fryer];
          const plan = table.fryer === null ? undefined : plans[table.dish]?.[table.fryer];
          const keep = keepText(table);
          return (
            <li key={table.dish} className="flex min-w-0 items-center gap-2.5">
              {picture && plan ? (
                <DishCircle plan={plan} picture={picture} name={shortDishName(dish)} />
              ) : (
                <span
                  aria-hidden
                  className="flex size-14 shrink-0 items-center justify-center rounded-full border-[3px] border-rim bg-paper font-display text-[20px] font-bold text-iron-soft"
                >
                  {shortDishName(dish).charAt(0)}
                </span>
              )}
              <p className="min-w-0 text-[14px] leading-[1.25]">
                <strong className="block truncate text-[16px]">{shortDishName(dish)}</strong>
                {atTableText(table, dish, units).join(', ')}
                {keep && <span className="block text-[13px] text-iron-soft">{keep}</span>}
              </p>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
