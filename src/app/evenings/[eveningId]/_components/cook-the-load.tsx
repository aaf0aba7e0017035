'use client';

import type { EveningRun } from '@/core/evening/evening-run';
import { type EveningLoad, planOfLoad, timesOf } from '@/editing/evening-load';
import { Button } from '@/ui/controls/button';
import { useBeginLoad } from './use-begin-load';

/** Takes one load of the evening to Cook, with its drawer, answers and correction; or into the log, where it is out already. */
export function CookTheLoad({
  eveningId,
  loads,
  at,
  fryers,
  fryerName,
  run,
  words,
}: {
  eveningId: string;
  /** all loads of its dish, and which of them */
  loads: readonly EveningLoad[];
  at: number;
  /** the fryers in which its dish is made, as one word */
  fryers: string;
  fryerName: string;
  run: EveningRun;
  words: string;
}) {
  const { begin, beginning } = useBeginLoad(eveningId);
  const open = () => {
    const { step } = loads[at]!;
    const was = run.steps.get(step)?.done == null ? null : timesOf(loads[at]!, run);
    void begin({ step, fryers, fryerName, document: planOfLoad(loads, at, run), was });
  };
  return (
    <Button className="min-h-14 text-[18px]" disabled={beginning} onClick={open}>
      {beginning ? 'Opening …' : words}
    </Button>
  );
}
