'use client';

import { useMemo, useState } from 'react';
import type { EveningRun } from '@/core/evening/evening-run';
import { type EveningFile, writeEveningFile } from '@/schemas/evening-file';
import { Button } from '@/ui/controls/button';
import { Choice } from '@/ui/controls/choice';
import { notifyError } from '@/ui/notify';
import { fileNameOf, saveFile } from '@/ui/save-file';
import type { EveningView, ShownSchedule } from '@/workers/evening/protocol';
import type { Plans } from './bar-shape';
import { OnTheTable } from './on-the-table';
import { Passes } from './passes';
import { StepDetail } from './step-detail';
import type { StepHands } from './step-hands';
import type { Rehearsing } from './use-rehearsal';
import type { Told } from './use-told';

/** Stretches before serving that can be looked at, min. */
const STRETCHES = [45, 90] as const;

/** Lead shown before the first step, s. Source: chosen. */
const LEAD = 120;

/** The passes and the table, as much of the evening as is wished, with the chosen step below. */
export function PassesPanel({
  evening,
  shown,
  pictures,
  plans,
  fryerNames,
  isCurrent,
  now,
  run,
  rehearsal,
  canRehearse,
  hands,
  tell,
}: {
  evening: EveningFile;
  shown: ShownSchedule;
  pictures: EveningView['pictures'];
  plans: Plans;
  fryerNames: readonly string[];
  /** whether it is about the evening as it stands */
  isCurrent: boolean;
  /** ms since 1970 */
  now: number;
  run: EveningRun;
  rehearsal: Rehearsing;
  canRehearse: boolean;
  hands: StepHands;
  tell: (told: Told) => void;
}) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [stretch, setStretch] = useState('all');
  const begun = useMemo(() => new Set(run.steps.keys()), [run]);
  const longest = shown.steps[0]?.begin ?? 3600;
  const window = stretch === 'all' ? longest + LEAD : Math.min(longest + LEAD, Number(stretch) * 60);
  const saveCalendar = async () => {
    const { calendarOfEvening } = await import('./evening-calendar');
    const text = calendarOfEvening(shown, evening);
    if (text) saveFile(fileNameOf(evening.name, 'ics'), text, 'text/calendar');
    else notifyError('The calendar could not be written.');
  };
  const saveAsFile = () =>
    saveFile(
      fileNameOf(evening.name, 'evening.json'),
      `${JSON.stringify(writeEveningFile(evening), null, 2)}\n`,
      'application/json',
    );
  return (
    <div aria-busy={!isCurrent} className="mt-2 grid gap-x-5 gap-y-4 lg:grid-cols-[minmax(0,1fr)_190px]">
      <div className="min-w-0">
        <Passes
          evening={evening}
          shown={shown}
          pictures={pictures}
          plans={plans}
          fryerNames={fryerNames}
          window={window}
          now={now}
          begun={begun}
          chosen={chosen}
          onChoose={setChosen}
          hands={hands}
        />
        <div className="mt-1 flex flex-wrap items-center gap-x-3">
          <Choice
            label="Shown"
            hideLabel
            value={stretch}
            options={[
              { value: 'all', word: 'All of it' },
              ...STRETCHES.filter((minutes) => minutes * 60 < longest).map((minutes) => ({
                value: String(minutes),
                word: `Last ${minutes} min`,
              })),
            ]}
            onChange={setStretch}
          />
          <span className="grow" />
          {rehearsal.events ? (
            <Button look="quiet" onClick={rehearsal.stop}>
              End the rehearsal
            </Button>
          ) : (
            canRehearse && (
              <Button look="quiet" onClick={() => rehearsal.start(shown)}>
                Rehearse, a minute each second
              </Button>
            )
          )}
          <Button look="quiet" onClick={saveCalendar}>
            Calendar
          </Button>
          <Button look="quiet" onClick={saveAsFile}>
            Save as file
          </Button>
          <Button look="quiet" onClick={() => globalThis.print()}>
            Print
          </Button>
        </div>
        {chosen && (
          <StepDetail step={chosen} shown={shown} evening={evening} run={run.steps} hands={hands} tell={tell} />
        )}
        {shown.work === null && (
          <p role="alert" className="mt-1 text-[15px] text-alarm">
            The steps given to one cook leave nobody free for another; give one of them back.
          </p>
        )}
      </div>
      <OnTheTable evening={evening} shown={shown} plans={plans} pictures={pictures} />
    </div>
  );
}
