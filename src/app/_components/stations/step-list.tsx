'use client';

import { Fragment, Suspense, useState } from 'react';
import {
  type StepList as ListName,
  withoutStep,
  withStepChanged,
  withStepMoved,
  withStepPutIn,
} from '@/editing/edit-steps';
import { useOutcomes } from '@/ui/study/study-context';
import { useUnits } from '@/ui/units-context';
import { useCalm } from '@/ui/use-calm';
import { priceOf } from '@/ui/words/price-text';
import { stepOrder } from '@/ui/words/step-orders';
import { type AnyStep, STEP_NAMES } from '@/ui/words/step-names';
import type { StationProps } from './station';
import { AddStepMenu } from './add-step-menu';
import { SortableSteps, StepRow } from './late-steps';

/** Rest after the last change before prices are asked for, ms. */
const PRICES_REST = 900;

/**
 * Steps of one list of the plan in the order done: moved by hand or by keys, each opened to be set, with what leaving
 * it out would change, and a menu of what can be added.
 */
export function StepList({
  document,
  plan,
  move,
  release,
  list,
  label,
  addWords,
  offered,
  shows = () => true,
}: Pick<StationProps, 'document' | 'plan' | 'move' | 'release'> & {
  list: ListName;
  label: string;
  addWords: string;
  offered: readonly AnyStep[];
  /** which of the steps are in this list; all if left out */
  shows?: (step: AnyStep) => boolean;
}) {
  const units = useUnits();
  const [open, setOpen] = useState<number | null>(null);
  const steps: readonly AnyStep[] = document[list];
  const places = steps.flatMap((step, i) => (shows(step) ? [i] : []));
  /* rows that come with the station come at once with all of it; later ones must not take it away until they are there */
  const [Rows] = useState(() => (places.length > 0 ? Fragment : Suspense));
  const prices = useStepPrices(document, list === 'prep' ? places : []);
  const settle = (changed: StationProps['document']) => {
    setOpen(null);
    release(changed);
  };
  return (
    <div className="space-y-3">
      <Rows>
        {places.length > 0 && (
          <SortableSteps
            label={label}
            ids={places.map((at) => `${list}-${at}`)}
            names={places.map((at) => STEP_NAMES[steps[at]!.step])}
            onMove={(from, to) => settle(withStepMoved(document, list, places[from]!, places[to]!))}
          >
            {places.map((at, i) => (
              <StepRow
                key={at}
                id={`${list}-${at}`}
                step={steps[at]!}
                words={stepOrder(steps[at]!, plan, units).text}
                amount={stepOrder(steps[at]!, plan, units).amount}
                price={list === 'prep' ? `without it: ${prices[i]}` : null}
                open={open === at}
                onToggle={() => setOpen(open === at ? null : at)}
                onRemove={() => settle(withoutStep(document, list, at))}
                set={(changed, settled) => (settled ? release : move)(withStepChanged(document, list, at, changed))}
              />
            ))}
          </SortableSteps>
        )}
      </Rows>
      <AddStepMenu
        words={addWords}
        steps={offered}
        onAdd={(step) => {
          /* beside its own kind, else at the end */
          const at = (places.at(-1) ?? steps.length - 1) + 1;
          release(withStepPutIn(document, list, at, step));
          setOpen(at);
        }}
      />
    </div>
  );
}

/** What leaving out each of the steps before the last cook would change; asked for only once the plan has kept still. */
function useStepPrices(document: StationProps['document'], places: readonly number[]): readonly string[] {
  const calm = useCalm(document, PRICES_REST);
  const asked = calm === document && places.length > 0;
  const [base, ...without] = useOutcomes(asked ? [calm, ...places.map((at) => withoutStep(calm, 'prep', at))] : []);
  return places.map((_, i) => priceOf(base, without[i], 2));
}
