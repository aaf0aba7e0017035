'use client';

import { useState } from 'react';
import type { EveningRun } from '@/core/evening/evening-run';
import { type EveningLoad, planOfLoad, timesOf } from '@/editing/evening-load';
import { Button } from '@/ui/controls/button';
import { useWholeForecast } from '@/ui/use-forecast';
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
  /* the plan stays as it was when the load came up: it is not forecast anew with every tick of the clock */
  const [document] = useState(() => planOfLoad(loads, at, run));
  const { forecast, failed } = useWholeForecast(document);
  const { begin, beginning } = useBeginLoad(eveningId);
  const load = loads[at]!;
  const was = run.steps.get(load.step)?.done == null ? null : timesOf(load, run);
  if (failed) return <p className="text-[15px]">This load cannot be forecast here; mark it by hand.</p>;
  return (
    <Button
      className="min-h-14 text-[18px]"
      disabled={!forecast || beginning !== null}
      onClick={() => forecast && void begin({ step: load.step, fryers, fryerName, document, forecast, was })}
    >
      {beginning !== null ? 'Opening …' : words}
    </Button>
  );
}
