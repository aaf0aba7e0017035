'use client';

import { dishOf } from '@/core/evening/evening-run';
import type { EveningFile } from '@/schemas/evening-file';
import { Button } from '@/ui/controls/button';
import { useUnits } from '@/ui/units-context';
import { differenceText, dishOfEvening, shortDishName } from '@/ui/words/evening-text';
import type { EveningView, ShownSchedule } from '@/workers/evening/protocol';

/** Loads of a fryer as the dishes that follow one another. */
function dishesInOrder(steps: readonly string[], evening: EveningFile): string[] {
  const names = steps.flatMap((step) => {
    const dish = dishOfEvening(evening, dishOf(step));
    return dish ? [`${shortDishName(dish).toLowerCase()}${step.endsWith(':back') ? ', all back' : ''}`] : [];
  });
  return names.filter((name, i) => name !== names[i - 1]);
}

function OrderOf({
  shown,
  evening,
  fryerNames,
}: {
  shown: ShownSchedule;
  evening: EveningFile;
  fryerNames: readonly string[];
}) {
  return (
    <ul className="mt-1 text-[15px]">
      {shown.orders.map(({ fryer, steps }, i) => (
        <li key={fryer}>
          <span className="text-iron-soft">{fryerNames[i]}:</span>{' '}
          <strong className="font-semibold">{dishesInOrder(steps, evening).join(' › ') || 'nothing'}</strong>
        </li>
      ))}
    </ul>
  );
}

/** What the order is best by, and the next best with what it would cost. */
export function Orders({
  view,
  evening,
  fryerNames,
  onTake,
  onFree,
}: {
  view: EveningView;
  evening: EveningFile;
  fryerNames: readonly string[];
  /** takes an order */
  onTake: (order: NonNullable<EveningFile['order']>) => void;
  /** lets the order be chosen again */
  onFree: () => void;
}) {
  const units = useUnits();
  const { best, runnerUp } = view;
  if (!best) return null;
  const others = Math.max(0, Math.round(view.orders) - 1);
  const said = runnerUp ? differenceText(best.table, runnerUp.table, evening, units) : [];
  return (
    <div className="grid gap-x-8 gap-y-4 md:grid-cols-2">
      <section aria-labelledby="order-best">
        <h2 id="order-best" className="text-[20px]">
          {evening.order
            ? 'The order you took'
            : others > 0
              ? `The best of ${(others + 1).toLocaleString('en')} ways and orders`
              : 'The order'}
        </h2>
        <OrderOf shown={best} evening={evening} fryerNames={fryerNames} />
        <p className="mt-1 text-[14px] text-iron-soft">
          {view.proved
            ? 'None of the others is better by anything you could taste: proved.'
            : `The best found; none could cost less than ${Math.max(0, view.bound).toFixed(0)} points at the table, this one ${Math.max(0, best.loss).toFixed(0)} (100 is a dish gone altogether).`}
        </p>
        {evening.order && (
          <Button look="quiet" className="px-0" onClick={onFree}>
            Let Drubek choose the order again
          </Button>
        )}
      </section>
      {runnerUp && (
        <section aria-labelledby="order-next" className="md:border-l md:border-enamel-deep md:pl-8">
          <h2 id="order-next" className="text-[20px]">
            Runner-up
          </h2>
          <OrderOf shown={runnerUp} evening={evening} fryerNames={fryerNames} />
          <div className="mt-1 flex flex-wrap items-center justify-between gap-3">
            <p className="min-w-0 grow basis-60 text-[15px]">
              {said.length > 0 ? (
                <strong className="font-semibold">{said.join(', ')}</strong>
              ) : (
                'At the table you would hardly notice.'
              )}
            </p>
            <Button
              onClick={() =>
                onTake(
                  runnerUp.orders.map(({ steps }, i) => ({
                    fryer_id: evening.fryers[i]!.fryer_id,
                    steps: [...steps],
                  })),
                )
              }
            >
              Take this order
            </Button>
          </div>
        </section>
      )}
    </div>
  );
}
