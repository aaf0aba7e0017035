'use client';

import Link from 'next/link';
import { dishOf, type EveningRun } from '@/core/evening/evening-run';
import { fryersOf } from '@/core/evening/way-id';
import { fryerResource } from '@/editing/evening-problem';
import type { EveningFile } from '@/schemas/evening-file';
import type { PlanFile } from '@/schemas/plan-file';
import { deedText, dishOfEvening } from '@/ui/words/evening-text';
import type { EveningView, ShownSchedule } from '@/workers/evening/protocol';
import { CookTheLoad } from './cook-the-load';
import { loadsOfDish } from './loads-of-dish';

/** What an evening's loads need to be cooked as batches. */
export interface CookableEvening {
  readonly eveningId: string;
  readonly evening: EveningFile;
  readonly shown: ShownSchedule;
  readonly run: EveningRun;
  readonly plans: Readonly<Record<string, readonly PlanFile[]>>;
  readonly pictures: EveningView['pictures'];
  readonly fryerNames: readonly string[];
}

/** The way from a load of the evening to Cook: begins it there, or goes back to it; nothing for a step that is no load of a plan. */
export function LoadInCook({
  step,
  words,
  ...context
}: CookableEvening & {
  step: string;
  /** what it begins there, or leads to once it is out */
  words: string;
}) {
  const { eveningId, evening, shown, run, plans, pictures, fryerNames } = context;
  const { batch, done } = run.steps.get(step) ?? {};
  if (batch !== undefined) {
    return (
      <Link
        href={`/cook/${batch}`}
        className="flex min-h-14 items-center justify-center rounded-part border-2 border-rim px-4 text-[18px] font-semibold text-rim"
      >
        {done == null ? 'Open in Cook' : words}
      </Link>
    );
  }
  const loads = loadsOfDish(step, evening, shown, plans, pictures);
  const at = loads.findIndex((load) => load.step === step);
  const way = shown.table.find(({ dish }) => dish === dishOf(step))?.way;
  if (at < 0 || way === undefined) return null;
  const inFryer = evening.fryers.findIndex(({ fryer_id }) => fryerResource(fryer_id) === loads[at]!.fryer);
  return (
    <CookTheLoad
      key={step}
      eveningId={eveningId}
      loads={loads}
      at={at}
      fryers={fryersOf({ id: way })}
      fryerName={fryerNames[inFryer]!}
      run={run}
      words={words}
    />
  );
}

/** Loads that are out: each to the log, where it can be said how it was. */
export function LoadsThatAreOut(context: CookableEvening) {
  const { evening, shown, run } = context;
  const out = shown.steps.filter(({ id, kind }) => kind === 'load' && run.steps.get(id)?.done != null);
  if (out.length === 0) return null;
  return (
    <section aria-labelledby="loads-out" className="mt-6 border-t-2 border-enamel-deep pt-3">
      <h2 id="loads-out" className="text-[20px] font-bold">
        How were they?
      </h2>
      <p className="text-[15px] text-iron-soft">What is told of a load goes into the log, and Drubek learns from it.</p>
      <ul className="mt-2 space-y-2">
        {out.map((step) => (
          <li key={step.id} className="flex flex-wrap items-center justify-between gap-3">
            <span className="text-[17px]">{deedText(step, undefined, dishOfEvening(evening, step.dish))}</span>
            <LoadInCook {...context} step={step.id} words="Say how it was" />
          </li>
        ))}
      </ul>
    </section>
  );
}
