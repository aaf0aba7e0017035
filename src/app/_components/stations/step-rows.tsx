import { useId } from 'react';
import {
  type Announcements,
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  type UniqueIdentifier,
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
import { GripVertical, X } from 'lucide-react';
import { Button } from '@/ui/controls/button';
import { STEP_NAMES, type AnyStep } from '@/ui/words/step-names';
import { StepFields } from './step-fields';

/** A list whose rows can be dragged, or lifted by Space on their handle and moved by arrow keys. */
export function SortableSteps({
  label,
  ids,
  names,
  onMove,
  children,
}: {
  label: string;
  ids: readonly string[];
  /** what each is called aloud, as `ids` */
  names: readonly string[];
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
    <DndContext
      id={useId()}
      sensors={sensors}
      collisionDetection={closestCenter}
      accessibility={{ announcements: announcementsOf(ids, names) }}
      onDragEnd={onDragEnd}
    >
      <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
        <ol aria-label={label} className="space-y-1.5">
          {children}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

/** What is said aloud while a step is moved. */
function announcementsOf(ids: readonly string[], names: readonly string[]): Announcements {
  const name = (id: UniqueIdentifier) => names[ids.indexOf(String(id))] ?? 'The step';
  const place = (id: UniqueIdentifier) => `place ${ids.indexOf(String(id)) + 1} of ${ids.length}`;
  return {
    onDragStart: ({ active }) => `${name(active.id)} picked up at ${place(active.id)}.`,
    onDragOver: ({ active, over }) => (over ? `${name(active.id)} is at ${place(over.id)}.` : undefined),
    onDragEnd: ({ active, over }) => (over ? `${name(active.id)} put down at ${place(over.id)}.` : undefined),
    onDragCancel: ({ active }) => `${name(active.id)} stays where it was.`,
  };
}

/** One step: its handle, what is done with how much, its price, and what sets it. */
export function StepRow({
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
      className="rounded-part border-2 border-enamel-deep bg-paper"
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
          {price && <span className="block text-[13px] text-iron-soft italic max-sm:min-h-[2lh]">{price}</span>}
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
