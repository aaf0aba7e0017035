'use client';

import clsx from 'clsx';
import { RadioGroup } from 'radix-ui';
import { useState } from 'react';
import { fryersOf } from '@/core/evening/way-id';
import { dishOf, type EveningRun } from '@/core/evening/evening-run';
import type { EveningFile } from '@/schemas/evening-file';
import { ClockPlate } from '@/ui/clock-plate';
import { AlertButtons } from '@/ui/alert-buttons';
import { Button } from '@/ui/controls/button';
import { useUnits } from '@/ui/units-context';
import type { WarmUp } from '@/core/evening/warm-ups';
import { useAlerts } from '@/ui/use-alerts';
import { clockText } from '@/ui/words/format';
import { deedOrder } from '@/ui/words/deed-order';
import { deedText, dishOfEvening, warmUpText } from '@/ui/words/evening-text';
import type { ShownSchedule } from '@/workers/evening/protocol';
import type { Told } from './use-told';
import { ToSwitchOn, warmUpsDue } from './to-switch-on';
import { type Deed, deedsOf } from './deeds-of';
import { WaitingByItself } from './waiting-by-itself';
import { WhatFollows } from './what-follows';
import { CookMark } from './cook-mark';
import { type CookableEvening, LoadInCook, LoadsThatAreOut } from './load-in-cook';
import { RadioRoot } from '@/ui/controls/radio-root';

/** 35 min, or 2 h 05 min. */
function spanText(seconds: number): string {
  const minutes = Math.round(seconds / 60);
  return minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')} min`;
}

/** How long before its moment, and after it, switching on is what the alert is about, s. */
const SAID_BEFORE = 15;
const SAID_UNTIL = 60;

/** The next deed of one cook, huge, and those that follow; marks what is begun and done. */
export function NextDeeds({
  evening,
  shown,
  run,
  now,
  tell,
  fryerNames,
  cookable,
}: {
  evening: EveningFile;
  shown: ShownSchedule;
  run: EveningRun;
  /** ms since 1970 */
  now: number;
  tell: (told: Told) => void;
  fryerNames: readonly string[];
  /** null in a rehearsal, of which nothing is cooked */
  cookable: CookableEvening | null;
}) {
  const [cook, setCook] = useState(0);
  const before = (shown.serveAt - now) / 1000;
  const deeds = deedsOf(shown, evening, run, Math.min(cook, evening.cooks.length - 1), before);
  const [next] = deeds;
  const lastDone = [...run.steps]
    .filter(([, told]) => told.done !== null)
    .sort((a, b) => b[1].done! - a[1].done!)[0]?.[0];
  const lastDish = lastDone === undefined ? undefined : dishOfEvening(evening, dishOf(lastDone));
  const lastStep = shown.steps.find(({ id }) => id === lastDone);
  const due = next ? next.from - before : 0;
  const units = useUnits();
  const nextStep = next && shown.steps.find(({ id }) => id === next.step);
  const order = nextStep && deedOrder(nextStep, next.deed, dishOfEvening(evening, dishOf(next.step)), units);
  const onWords = (warmUp: WarmUp) => warmUpText(warmUp, evening, fryerNames, units);
  const toSwitchOn = warmUpsDue(shown, run, before);
  const nowOn = toSwitchOn.find(({ begin }) => begin - before > -SAID_BEFORE && begin - before < SAID_UNTIL);
  const alerts = useAlerts(
    nowOn ? onWords(nowOn) : (next?.words ?? ''),
    nowOn ? before - nowOn.begin : next ? -due : Infinity,
  );
  const isLoadOfPlan = ({ step }: Deed) => shown.steps.find(({ id }) => id === step)?.kind === 'load';
  const begin = (step: string) => {
    const kind = shown.steps.find(({ id }) => id === step)?.kind;
    const way = shown.table.find(({ dish }) => dish === dishOf(step))?.way;
    const isInFryer = kind === 'load' || kind === 'back' || kind === 'cook';
    tell({ kind: 'begun', detail: { step, cook, ...(isInFryer && way ? { fryers: fryersOf({ id: way }) } : {}) } });
  };
  return (
    <section aria-label="What is next" className="mx-auto max-w-xl">
      <div className="flex items-center justify-between gap-3">
        <RadioRoot
          aria-label="Who are you"
          value={String(cook)}
          onValueChange={(value) => setCook(Number(value))}
          className="flex gap-2"
        >
          {evening.cooks.map((name, i) => (
            <RadioGroup.Item
              key={`${i}${name}`}
              value={String(i)}
              aria-label={`Cook ${'ABC'[i]}${name === 'ABC'[i] ? '' : `, ${name}`}`}
              className="flex min-h-11 min-w-11 items-center justify-center rounded-part px-1 opacity-60 data-[state=checked]:opacity-100 data-[state=checked]:ring-3 data-[state=checked]:ring-rim"
            >
              <CookMark cook={i} name={name} />
            </RadioGroup.Item>
          ))}
        </RadioRoot>
        <AlertButtons alerts={alerts} />
        <p className="text-right text-[15px]">
          to the table <strong className="block text-[17px]">{spanText(Math.max(0, before))}</strong>
        </p>
      </div>
      {next ? (
        <div className="mt-2">
          <h2 className="text-[clamp(30px,9vw,44px)] leading-[1.05] font-extrabold">{next.words}</h2>
          <p
            role="timer"
            aria-label={due > 0 ? `${next.words} is due` : `${next.words} in ${clockText(-due)}`}
            className={clsx(
              'font-display text-[clamp(64px,22vw,112px)] leading-none font-extrabold',
              due > 60 && 'text-alarm',
            )}
          >
            {due >= 0 ? (
              due > 60 ? (
                `+${clockText(due)}`
              ) : (
                'now'
              )
            ) : -due >= 3600 ? (
              <span className="text-[44px]">
                at <ClockPlate at={shown.serveAt - next.from * 1000} />
              </span>
            ) : (
              clockText(-due)
            )}
          </p>
          {order?.how && <p className="mt-1 text-[18px]">{order.how}</p>}
          <div className="mt-3 grid grid-cols-2 gap-2">
            {(next.marks === 'begins' || next.marks === 'whole') && !run.steps.has(next.step) && (
              <Button className="min-h-14 text-[18px]" onClick={() => begin(next.step)}>
                Begun
              </Button>
            )}
            {next.marks !== 'begins' && next.marks !== 'within' && (
              <Button
                look="main"
                className="min-h-14 text-[18px]"
                onClick={() => tell({ kind: 'done', detail: { step: next.step, cook } })}
              >
                Done
              </Button>
            )}
            {next.marks === 'within' && (
              <p className="col-span-2 text-[15px]">Half a minute at the drawer; the fryer goes on.</p>
            )}
            {cookable && isLoadOfPlan(next) && <LoadInCook {...cookable} step={next.step} words="Cook it here" />}
          </div>
          {order?.caution && <p className="mt-2 text-[14px] text-iron-soft">{order.caution}</p>}
        </div>
      ) : (
        <p className="mt-4 text-[20px]">Nothing more for you to do.</p>
      )}
      <ToSwitchOn due={toSwitchOn} words={onWords} serveAt={shown.serveAt} before={before} />
      <WaitingByItself evening={evening} shown={shown} run={run} now={now} tell={tell} />
      <WhatFollows deeds={deeds} serveAt={shown.serveAt} />
      {lastDone !== undefined && lastStep && (
        <Button
          look="quiet"
          className="mt-2 px-0"
          onClick={() => tell({ kind: 'taken-back', detail: { step: lastDone } })}
        >
          Take back: “{deedText(lastStep, undefined, lastDish)}” is done
        </Button>
      )}
      {cookable && <LoadsThatAreOut {...cookable} />}
    </section>
  );
}
