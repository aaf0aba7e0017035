'use client';

import type { Work } from '@/core/evening/share-out-hands';
import { dishOf } from '@/core/evening/evening-run';
import type { EveningFile } from '@/schemas/evening-file';
import { ClockPlate } from '@/ui/clock-plate';
import { useUnits } from '@/ui/units-context';
import { deedOrder } from '@/ui/words/deed-order';
import { deedText, dishOfEvening, warmUpText } from '@/ui/words/evening-text';
import { halfMinutes } from '@/ui/words/format';
import type { ShownSchedule } from '@/workers/evening/protocol';

/** Deeds that several cooks do together, as one. */
function togetherOf(works: readonly Work[]): (Work & { readonly cooks: readonly number[] })[] {
  const together = new Map<string, Work & { cooks: number[] }>();
  for (const work of works) {
    const key = `${work.step} ${work.from}`;
    const known = together.get(key);
    if (known) known.cooks.push(work.cook);
    else together.set(key, { ...work, cooks: [work.cook] });
  }
  return [...together.values()];
}

/** The evening on one sheet for the fridge: what is done when, by whom. Only printed. */
export function DeedSheet({
  evening,
  shown,
  fryerNames,
}: {
  evening: EveningFile;
  shown: ShownSchedule;
  fryerNames: readonly string[];
}) {
  const units = useUnits();
  const deeds = [
    ...togetherOf(shown.work ?? []).map(({ cooks, ...work }) => {
      const step = shown.steps.find(({ id }) => id === work.step)!;
      const dish = dishOfEvening(evening, dishOf(work.step));
      return {
        from: work.from,
        words: deedText(step, work.deed, dish),
        how: deedOrder(step, work.deed, dish, units).how,
        who: cooks.map((cook) => evening.cooks[cook]!).join(', '),
        minutes: halfMinutes(work.from - work.to),
      };
    }),
    ...shown.warmUps.map((warmUp) => ({
      from: warmUp.begin,
      words: warmUpText(warmUp, evening, fryerNames, units),
      how: null,
      who: '',
      minutes: '',
    })),
  ].sort((a, b) => b.from - a.from);
  return (
    <section className="hidden print:block">
      <h1 className="text-[24px]">{evening.name}</h1>
      <p className="text-[14px]">
        On the table at <ClockPlate at={shown.serveAt} />, for {evening.people}. Drawers, baskets and steam are hot.
        Cooked food not two hours at room temperature; poultry 74 °C (165 °F), fish 63 °C (145 °F) by a probe. Where
        your appliance’s manual or your local food-safety authority says otherwise, they are right.
      </p>
      <table className="mt-2 w-full text-left text-[12px] leading-none">
        <thead>
          <tr>
            <th>When</th>
            <th>What</th>
            <th>Who</th>
            <th className="text-right">Hands, min</th>
          </tr>
        </thead>
        <tbody>
          {deeds.map(({ from, words, how, who, minutes }, i) => (
            <tr key={i} className="border-t border-enamel-deep">
              <td className="py-[3px] [&_strong]:border-0 [&_strong]:px-0">
                <ClockPlate at={shown.serveAt - from * 1000} />
              </td>
              <td>
                {words}
                {how && <span className="ml-2 text-[11px]">{how}</span>}
              </td>
              <td>{who}</td>
              <td className="text-right">{minutes}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
