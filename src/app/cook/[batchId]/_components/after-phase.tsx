'use client';

import type { RecordEvent } from '@/core/run/batch-event';
import type { RunState } from '@/core/run/run-state';
import type { Batch } from '@/schemas/batch';
import { Button } from '@/ui/controls/button';
import { StudyProvider } from '@/ui/study/study-context';
import { useUnits } from '@/ui/units-context';
import { AfterSteps } from './after-steps';
import { SafeHeart } from './safe-heart';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import { clockText, massText } from '@/ui/words/format';
import { LoadsClock } from './loads-clock';
import { NextBatch } from './next-batch';
import { REST_PLACES } from '@/ui/words/rest-places';
import { restOf } from '@/schemas/rest-of';

/** After the drawer: rest, salt while hot, serve, and the next batch. */
export function AfterPhase(props: {
  batch: Batch;
  /** what follows is then in the evening's order */
  isOfEvening: boolean;
  run: RunState;
  now: number;
  /** °C the heart must have reached, or null */
  safe: number | null;
  record: RecordEvent;
}) {
  return (
    <StudyProvider>
      <After {...props} />
    </StudyProvider>
  );
}

function After({ batch, isOfEvening, run, now, safe, record }: Parameters<typeof AfterPhase>[0]) {
  const units = useUnits();
  const rest = restOf(batch.document);
  const left = rest.minutes * 60 - (now - run.doneAt!) / 1000;
  const salt = rest.salt_g;
  return (
    <section aria-label="After the drawer" className="mt-3">
      <div className="flex flex-wrap items-end justify-between gap-x-8 gap-y-1">
        <p className="font-display text-[clamp(36px,6vw,72px)] leading-none font-bold" aria-live="polite">
          {run.servedAt !== null ? 'Served' : left > 0 ? `Rest ${REST_PLACES[rest.place]}` : 'Serve now'}
        </p>
        {run.servedAt === null && (
          <p role="timer" className="font-display text-[clamp(36px,6vw,72px)] leading-none font-bold">
            {left > 0 ? clockText(left) : `${clockText(-left)} ago`}
          </p>
        )}
      </div>
      {safe !== null && (run.probed === null || run.probed < safe) && (
        <>
          <p role="alert" className="mt-2 text-[18px] font-semibold">
            Pulled before the heart was probed safe: do not serve it yet. Probe it, or put it back.
          </p>
          <SafeHeart safe={safe} probed={run.probed} probe={null} record={record} />
        </>
      )}
      <div className="mt-3 flex flex-wrap items-center gap-2.5">
        <Button
          look={run.seasoned ? 'iron' : 'light'}
          className="min-h-14 px-6 text-[18px]"
          disabled={run.seasoned}
          onClick={() => record('seasoned')}
        >
          {run.seasoned ? 'Salted' : salt > 0 ? `Salt now: ${massText(salt, units)}` : 'Salted while hot'}
        </Button>
        <Button
          look={run.servedAt === null && left <= 0 ? 'light' : 'iron'}
          className="min-h-14 px-6 text-[18px]"
          disabled={run.servedAt !== null}
          onClick={() => record('served')}
        >
          Served
        </Button>
      </div>
      <AfterSteps document={batch.document} run={run} now={now} record={record} />
      {!isOfEvening && (
        <>
          <LoadsClock document={batch.document} pullAt={run.doneAt} isOut />
          <NextBatch batch={batch} times={{ loadedAt: run.loadedAt!, doneAt: run.doneAt, dueAt: run.doneAt! }} />
        </>
      )}
      <p className="mt-3 text-[14px] text-ash">{STEP_CAUTIONS.rest}</p>
    </section>
  );
}
