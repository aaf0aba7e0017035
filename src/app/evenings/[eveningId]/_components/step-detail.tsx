'use client';

import { longestAfter } from '@/core/evening/step-lags';
import type { EveningFile } from '@/schemas/evening-file';
import { ClockPlate } from '@/ui/clock-plate';
import { Button } from '@/ui/controls/button';
import { useUnits } from '@/ui/units-context';
import { deedOrder } from '@/ui/words/deed-order';
import { dishOfEvening, stepText } from '@/ui/words/evening-text';
import { halfMinutes } from '@/ui/words/format';
import type { ShownSchedule } from '@/workers/evening/protocol';
import type { StepHands } from './step-hands';
import type { Told } from './use-told';

/** Kinds of steps whose longest wait is known; the others wait as long as they like. */
function longestOf(kind: ShownSchedule['steps'][number]['kind']): number | null {
  if (kind === 'load' || kind === 'back' || kind === 'serve' || kind === 'own') return null;
  const longest = longestAfter(kind);
  return longest > 0 ? longest : null;
}

/** One step: when, whose, how long it may wait, its caution; earlier, later, kept there, given to a cook, told. */
export function StepDetail({
  step: id,
  shown,
  evening,
  run,
  hands,
  tell,
}: {
  step: string;
  shown: ShownSchedule;
  evening: EveningFile;
  run: ReadonlyMap<string, { readonly done: number | null }>;
  hands: StepHands;
  tell: (told: Told) => void;
}) {
  const units = useUnits();
  const step = shown.steps.find((one) => one.id === id);
  const dish = step && dishOfEvening(evening, step.dish);
  if (!step) return null;
  const pinned = evening.pins.some((pin) => pin.step === id);
  const told = run.get(id);
  const longest = longestOf(step.kind);
  const { how, caution } = deedOrder(step, undefined, dish, units);
  return (
    <section aria-label="The chosen step" className="mt-2 rounded-part border-2 border-enamel-deep bg-paper px-4 py-2">
      <p className="flex flex-wrap items-center gap-x-3 text-[16px]">
        <strong>{stepText(step, dish)}</strong>
        <ClockPlate at={shown.serveAt - step.begin * 1000} /> {halfMinutes(step.length)} min
        {longest !== null && (
          <span className="text-[14px] text-iron-soft">
            then on within {longest >= 7200 ? `${Math.round(longest / 3600)} h` : `${Math.round(longest / 60)} min`}
          </span>
        )}
      </p>
      <p className="flex flex-wrap items-center gap-x-2">
        {!told && (
          <>
            <Button look="quiet" onClick={() => hands.move(id, 60)}>
              1 min earlier
            </Button>
            <Button look="quiet" onClick={() => hands.move(id, -60)}>
              1 min later
            </Button>
            <Button look="quiet" aria-pressed={pinned} onClick={() => hands.togglePin(id)}>
              {pinned ? 'Let it move again' : 'Keep it there'}
            </Button>
            {evening.cooks.length > 1 &&
              evening.cooks.map((name, cook) => (
                <Button
                  key={`${cook}${name}`}
                  look="quiet"
                  aria-pressed={evening.hands[id] === cook}
                  onClick={() => hands.give(id, cook)}
                >
                  {evening.hands[id] === cook ? `${name} does it` : `Give it to ${name}`}
                </Button>
              ))}
            <Button look="quiet" onClick={() => tell({ kind: 'begun', detail: { step: id } })}>
              Begun
            </Button>
          </>
        )}
        {told?.done == null && (
          <Button look="quiet" onClick={() => tell({ kind: 'done', detail: { step: id } })}>
            Done
          </Button>
        )}
        {told && (
          <Button look="quiet" onClick={() => tell({ kind: 'taken-back', detail: { step: id } })}>
            {told.done === null ? 'Not begun' : 'Not done'}
          </Button>
        )}
      </p>
      {how && <p className="text-[15px]">{how}</p>}
      {caution && <p className="text-[14px] text-iron-soft">{caution}</p>}
    </section>
  );
}
