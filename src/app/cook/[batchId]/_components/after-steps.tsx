'use client';

import { TriangleAlert } from 'lucide-react';
import type { RecordEvent } from '@/core/run/batch-event';
import type { RunState } from '@/core/run/run-state';
import { afterSeconds } from '@/schemas/after-time';
import type { PlanFile } from '@/schemas/plan-file';
import { wholePlanFromFile } from '@/schemas/plan-from-file';
import { Button } from '@/ui/controls/button';
import { useUnits } from '@/ui/units-context';
import { clockText } from '@/ui/words/format';
import { stepOrder } from '@/ui/words/step-orders';

/** What is done to a batch after its rest, in order: dressing, back in together, keeping; each with its timer and caution. */
export function AfterSteps({
  document,
  run,
  now,
  record,
}: {
  document: PlanFile;
  run: RunState;
  now: number;
  record: RecordEvent;
}) {
  const units = useUnits();
  const plan = wholePlanFromFile(document);
  const { count, current = 1 } = document.loads;
  const steps = document.after.flatMap((step, index) => {
    if (step.step === 'rest') return [];
    /* what waits for the others goes back in with the last of them */
    if (step.step === 'refresh' && current < count) return [];
    return [{ step, index }];
  });
  if (steps.length === 0) return null;
  return (
    <ol aria-label="After the drawer, in order" className="mt-4 grid gap-x-8 gap-y-4 sm:grid-cols-2">
      {steps.map(({ step, index }) => {
        const { text, amount, caution } = stepOrder(step, plan, units);
        const begun = run.afterBegun.get(index);
        const isDone = run.afterDone.has(index);
        const duration = afterSeconds(step, document);
        const left = begun === undefined ? duration : duration - (now - begun) / 1000;
        const isTimed = step.step === 'refresh';
        return (
          <li key={index} className="border-iron-line sm:border-l-2 sm:pl-4">
            <p className={`text-[20px] font-semibold ${isDone ? 'text-ash line-through' : ''}`}>{text}</p>
            {amount && <p className="text-[17px]">{amount}</p>}
            {isTimed && !isDone && (
              <p role="timer" aria-label={`${text}: ${clockText(left)}`} className="font-display text-[44px] font-bold">
                {left < 0 ? `+${clockText(-left)}` : clockText(left)}
              </p>
            )}
            {caution && !isDone && (
              <p className="mt-1 flex gap-2 text-[16px]">
                <TriangleAlert size={20} aria-hidden className="mt-0.5 shrink-0" />
                {caution}
              </p>
            )}
            {!isDone && (
              <div className="mt-2 flex gap-2">
                {isTimed && begun === undefined && (
                  <Button look="light" onClick={() => record('after-begun', { step: index })}>
                    Start
                  </Button>
                )}
                <Button look="iron" onClick={() => record('after-done', { step: index })}>
                  Done
                </Button>
              </div>
            )}
          </li>
        );
      })}
    </ol>
  );
}
