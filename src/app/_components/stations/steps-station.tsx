'use client';

import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { ChevronDown, GripVertical, X } from 'lucide-react';
import { useState } from 'react';
import {
  newAfterSteps,
  newPrepSteps,
  type StepList,
  withoutStep,
  withStepChanged,
  withStepMoved,
  withStepPutIn,
} from '@/editing/edit-steps';
import { pullTimeIn } from '@/core/forecast/forecast';
import { Button } from '@/ui/controls/button';
import { LateMenu } from '@/ui/controls/late-menu';
import { useOutcomes } from '@/ui/study/study-context';
import { useUnits } from '@/ui/units-context';
import { useCalm } from '@/ui/use-calm';
import { temperatureText, wholeMinutes } from '@/ui/words/format';
import { priceText } from '@/ui/words/price-text';
import { STEP_NAMES, type AnyStep } from '@/ui/words/step-names';
import { stepOrder } from '@/ui/words/step-orders';
import type { StationProps } from './station';
import { StepFields } from './step-fields';

/** Rest after the last change before prices are asked for, ms. */
const PRICES_REST = 900;

/** The whole job in the order done: moved by hand or by keys, each step opened to be set, with what leaving it out would change. */
export function StepsStation({ document, plan, forecast, move, release }: StationProps) {
  const units = useUnits();
  const [open, setOpen] = useState<string | null>(null);
  const pull = pullTimeIn(forecast);
  /* a price for every step is much to ask: only once the list has kept still */
  const calm = useCalm(document, PRICES_REST);
  const [base, ...without] = useOutcomes(
    calm === document ? [calm, ...calm.prep.map((_, i) => withoutStep(calm, 'prep', i))] : [],
  );
  const priceOf = (i: number) => {
    const outcome = without[i];
    return base && outcome ? `without it: ${priceText(base, outcome, 2)}` : 'without it: …';
  };
  const list = (name: StepList, label: string) => (
    <SortableSteps
      label={label}
      ids={document[name].map((_, i) => `${name}-${i}`)}
      onMove={(from, to) => {
        setOpen(null);
        release(withStepMoved(document, name, from, to));
      }}
    >
      {document[name].map((step, i) => {
        const id = `${name}-${i}`;
        return (
          <StepRow
            key={id}
            id={id}
            step={step}
            words={stepOrder(step, plan, units).text}
            amount={stepOrder(step, plan, units).amount}
            price={name === 'prep' ? priceOf(i) : null}
            open={open === id}
            onToggle={() => setOpen(open === id ? null : id)}
            onRemove={() => {
              setOpen(null);
              release(withoutStep(document, name, i));
            }}
            set={(changed, settled) => (settled ? release : move)(withStepChanged(document, name, i, changed))}
          />
        );
      })}
    </SortableSteps>
  );
  const add = (name: StepList, step: AnyStep) => {
    const at = name === 'prep' ? document.prep.length : document.after.length;
    release(withStepPutIn(document, name, at, step));
    setOpen(`${name}-${at}`);
  };
  return (
    <div className="space-y-4">
      {document.prep.length === 0 && <p className="text-[15px]">Straight from the board into the basket.</p>}
      {list('prep', 'Before the last cook')}
      <AddMenu words="Add a step before" steps={newPrepSteps(document.mass_g)} onAdd={(step) => add('prep', step)} />
      <p className="rounded-part border-2 border-rim px-3 py-2 text-[15px]">
        <span className="font-display font-semibold">Cook</span>{' '}
        {document.cook.stages.map((stage) => temperatureText(stage.temperature_c, units)).join(', then ')}
        {pull === null ? '; not done within the stages' : `; pull after about ${wholeMinutes(pull)} min`}
      </p>
      {list('after', 'After the last cook')}
      <AddMenu words="Add a step after" steps={newAfterSteps(document.mass_g)} onAdd={(step) => add('after', step)} />
    </div>
  );
}

function AddMenu({
  words,
  steps,
  onAdd,
}: {
  words: string;
  steps: readonly AnyStep[];
  onAdd: (step: AnyStep) => void;
}) {
  return (
    <LateMenu
      label={
        <>
          {words} <ChevronDown size={16} aria-hidden className="inline" />
        </>
      }
      className="min-h-11 rounded-part border-2 border-rim px-4 text-[15px] font-semibold text-rim"
      items={steps.map((step) => ({ word: STEP_NAMES[step.step], act: () => onAdd(step) }))}
    />
  );
}

/** A list whose rows can be dragged, or lifted by Space on their handle and moved by arrow keys. */
function SortableSteps({
  label,
  ids,
  onMove,
  children,
}: {
  label: string;
  ids: readonly string[];
  onMove: (from: number, to: number) => void;
  children: React.ReactNode;
}) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    const from = ids.indexOf(String(active.id));
    const to = over ? ids.indexOf(String(over.id)) : -1;
    if (from >= 0 && to >= 0 && from !== to) onMove(from, to);
  };
  return (
    <DndContext id={label} sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
      <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
        <ol aria-label={label} className="space-y-1.5">
          {children}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

function StepRow({
  id,
  step,
  words,
  amount,
  price,
  open,
  onToggle,
  onRemove,
  set,
}: {
  id: string;
  step: AnyStep;
  words: string;
  amount: string | null;
  price: string | null;
  open: boolean;
  onToggle: () => void;
  onRemove: () => void;
  set: (step: AnyStep, settled: boolean) => void;
}) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id });
  const name = STEP_NAMES[step.step];
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className="rounded-part border-2 border-enamel-deep bg-white"
    >
      <div className="flex items-center">
        <button
          type="button"
          aria-label={`Move ${name}`}
          className="flex size-11 shrink-0 touch-none items-center justify-center text-iron-soft"
          {...attributes}
          {...listeners}
        >
          <GripVertical size={18} aria-hidden />
        </button>
        <button
          type="button"
          aria-expanded={open}
          onClick={onToggle}
          className="min-h-11 min-w-0 flex-1 py-1.5 text-left text-[15px] leading-tight"
        >
          <span className="font-semibold">{words}</span>
          {amount && <span className="block text-[13px]">{amount}</span>}
          {price && <span className="block text-[13px] text-iron-soft italic">{price}</span>}
        </button>
        <button
          type="button"
          aria-label={`Remove ${name}`}
          onClick={onRemove}
          className="flex size-11 shrink-0 items-center justify-center text-rim"
        >
          <X size={18} aria-hidden />
        </button>
      </div>
      {open && (
        <div className="space-y-2 border-t-2 border-enamel-shadow px-4 py-2">
          <StepFields step={step} set={set} />
          <Button look="quiet" className="px-0" onClick={onToggle}>
            Close
          </Button>
        </div>
      )}
    </li>
  );
}
