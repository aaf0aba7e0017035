'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { nextAction } from '@/core/run/next-action';
import { deriveRun, openingsToCome, type RunState } from '@/core/run/run-state';
import { REAL_TIME, shownAt } from '@/core/run/shown-clock';
import { prepTasks } from '@/core/prep/prep-tasks';
import { asLoaded } from '@/core/plan/cut-as-loaded';
import { cookDuration, type Plan } from '@/core/plan/plan';
import type { Batch } from '@/schemas/batch';
import { planFromFile } from '@/schemas/plan-from-file';
import { Button } from '@/ui/controls/button';
import { BasketDrawing } from '@/ui/drawings/basket-drawing';
import { notify, notifyError } from '@/ui/notify';
import { clearRun, isLeft, secondsLeft, useRunUnderWay } from '@/ui/run-board';
import { tellEvent } from '@/ui/tell-event';
import { useWholeForecast } from '@/ui/use-forecast';
import { useNow } from '@/ui/use-now';
import { clockText } from '@/ui/words/format';
import { STEP_NAMES } from '@/ui/words/step-names';
import { VERBS } from '@/ui/words/verbs';
import { storedMoment } from './stored-moment';

/** Runs under way, each with its basket as it should look by now and what is due next; those that were left can be put away. */
export function RunsList({ batches, openedAt }: { batches: readonly Batch[]; openedAt: number }) {
  return (
    <ul className="mt-3 divide-y-2 divide-iron-line">
      {batches.map((batch) => (
        <Run key={batch.id} batch={batch} openedAt={openedAt} />
      ))}
    </ul>
  );
}

function Run({ batch, openedAt }: { batch: Batch; openedAt: number }) {
  const router = useRouter();
  const run = useMemo(() => deriveRun(batch.events), [batch.events]);
  const plan = useMemo(() => asLoaded(planFromFile(batch.document)), [batch.document]);
  const now = shownAt(run.clock, useNow(openedAt, run.loadedAt ?? 0));
  const [busy, setBusy] = useState(false);
  const putAway = async () => {
    setBusy(true);
    const sent = await tellEvent(batch.id, 'put-away');
    setBusy(false);
    if (sent.kind !== 'done') return notifyError(`It could not be put away. ${sent.error}`);
    clearRun(batch.id);
    notify('Put away; it stands below and in the log.');
    router.refresh();
  };
  return (
    <li className="flex flex-wrap items-center gap-x-5 gap-y-2 py-4">
      <Link href={`/cook/${batch.id}`} className="flex min-h-16 min-w-0 grow items-center gap-x-5 text-rim-light">
        <Basket batch={batch} plan={plan} elapsed={run.loadedAt === null ? 0 : (now - run.loadedAt) / 1000} />
        <span className="min-w-0">
          <span className="block font-display text-[22px] leading-tight font-semibold">{batch.document.name}</span>
          <span className="text-[16px] text-ash">
            {stage(run)}, {batch.fryerName}
            {run.clock !== REAL_TIME && ', in rehearsal'}
          </span>
        </span>
        <Next batch={batch} plan={plan} run={run} now={now} />
      </Link>
      <Button look="iron" disabled={busy} onClick={putAway}>
        Put away
      </Button>
    </li>
  );
}

function stage({ phase }: RunState): string {
  return phase === 'prep' ? 'in preparation' : phase === 'cooking' ? 'in the fryer' : 'out of the fryer';
}

/** The basket as it should look by now; before loading as it goes in. */
function Basket({ batch, plan, elapsed }: { batch: Batch; plan: Plan; elapsed: number }) {
  const { forecast } = useWholeForecast(batch.document);
  if (!forecast) return <span className="size-[72px] shrink-0 rounded-tray border-2 border-iron-line" aria-hidden />;
  const { record } = forecast;
  const sample = Math.min(record.samples - 1, Math.max(0, Math.round(elapsed / record.interval)));
  return (
    <BasketDrawing
      plan={plan}
      record={record}
      sample={sample}
      label="The basket as it should look by now"
      className="size-[72px] shrink-0"
    />
  );
}

/** What is next, and in how long: by the run's own correction where this device has it under way, else as it was planned. */
function Next({ batch, plan, run, now }: { batch: Batch; plan: Plan; run: RunState; now: number }) {
  const board = useRunUnderWay();
  const own = board?.batchId === batch.id && !isLeft(board, now) ? board : null;
  if (run.phase === 'prep') {
    const tasks = prepTasks(plan);
    const next = tasks.findIndex((_, i) => !run.prepDone.has(i));
    return (
      <span className="ml-auto text-[18px] text-enamel">
        {next < 0 ? 'Ready to load' : `Next: ${STEP_NAMES[tasks[next]!.kind].toLowerCase()}`}
      </span>
    );
  }
  if (run.phase === 'done' || run.loadedAt === null) return null;
  const elapsed = Math.max(0, (now - run.loadedAt) / 1000);
  const planned = nextAction(
    storedMoment(batch.forecast, cookDuration(plan)),
    openingsToCome(plan.events, run.openings, elapsed),
    run.extraMinutes * 60,
    elapsed,
  );
  const verb = own?.verb ?? VERBS[planned.verb];
  const left = Math.round(own ? secondsLeft(own, now) : planned.at - elapsed);
  return (
    <span role="timer" className="ml-auto text-right text-enamel">
      <span className="block text-[18px]">
        {verb} {left > 0 && 'in'}
      </span>
      <span className="font-display text-[36px] leading-none font-bold">
        {left > 0 ? clockText(left) : left > -600 ? 'now' : `${Math.round(-left / 60)} min ago`}
      </span>
    </span>
  );
}
