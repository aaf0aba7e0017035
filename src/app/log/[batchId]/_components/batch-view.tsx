'use client';

import { format } from 'date-fns';
import Link from 'next/link';
import { type ReactNode, useMemo, useState } from 'react';
import { asCooked } from '@/editing/as-cooked';
import { looksOfColours, sampleAt } from '@/core/batch/record-statistics';
import { deriveRun } from '@/core/run/run-state';
import { REAL_TIME } from '@/core/run/shown-clock';
import { browningSeen } from '@/core/run/suggest-outcome';
import type { Batch } from '@/schemas/batch';
import type { BatchPhoto } from '@/schemas/photo';
import type { PlanFile } from '@/schemas/plan-file';
import { StudyProvider } from '@/ui/study/study-context';
import { planFromFile } from '@/schemas/plan-from-file';
import { ClockPlate } from '@/ui/clock-plate';
import { OutcomeForm } from '@/app/_components/outcome-form';
import { Button } from '@/ui/controls/button';
import { Basket } from '@/ui/basket/basket';
import { EmptyDrawer } from '@/ui/drawings/empty-drawer';
import { ColourField } from '@/ui/field/colour-field';
import { EmptyField } from '@/ui/field/empty-field';
import { fieldParts } from '@/ui/field/field-parts';
import { LocalTime } from '@/ui/local-time';
import { useUnits } from '@/ui/units-context';
import { useWholeForecast } from '@/ui/use-forecast';
import { loadBefore } from '@/ui/words/drawer-word';
import { clockText, wholeMinutes } from '@/ui/words/format';
import { eventText } from '@/ui/words/event-text';
import { planPhrases } from '@/ui/words/plan-text';
import { AgainstForecast } from './against-forecast';
import { Photos } from './photos';
import { PlanAgain } from './plan-again';
import { BatchActions } from './batch-actions';
import { WhatWentWrong } from './what-went-wrong';
import { outerRamp } from '@/core/plan/outer-ramp';

/** Plan, events, and the forecast of what really happened against the outcome. */
export function BatchView({
  batch,
  fryerId = null,
  again = batch.document,
  photos = null,
}: {
  batch: Batch;
  fryerId?: string | null;
  /** the plan with what the kitchen knows by now */
  again?: PlanFile;
  /** null where this run is only lent */
  photos?: readonly BatchPhoto[] | null;
}) {
  const units = useUnits();
  const [editing, setEditing] = useState(false);
  const run = useMemo(() => deriveRun(batch.events), [batch.events]);
  const isRehearsal = run.clock !== REAL_TIME;
  const document = useMemo(
    () => (run.loadedAt === null ? batch.document : asCooked(batch.document, run)),
    [batch.document, run],
  );
  const plan = useMemo(() => planFromFile(document), [document]);
  const parts = useMemo(() => fieldParts(plan), [plan]);
  const live = useWholeForecast(document);
  const pulledAt = run.loadedAt !== null && run.doneAt !== null ? (run.doneAt - run.loadedAt) / 1000 : null;
  /* shrunk as the forecast has it by then, in the colours that were kept */
  const cameOut = useMemo(() => {
    const record = live.forecast?.record;
    const gone = record ? record.waterLost[sampleAt(record, pulledAt)]! : 0;
    return looksOfColours(batch.fingerprint, gone);
  }, [batch.fingerprint, live.forecast, pulledAt]);
  const showForm = editing || (!batch.outcome && run.phase === 'done');
  return (
    <article>
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1 className="text-[34px]">{batch.document.name}</h1>
        <div className="min-w-0 text-[15px]">
          <p>
            <LocalTime at={batch.begunAt} write={(date) => format(date, 'EEEE d MMMM yyyy')} />{' '}
            <ClockPlate at={batch.begunAt} /> {loadBefore(batch.document)}in {batch.fryerName}
            {isRehearsal && ', a rehearsal'}
          </p>
          <p className="text-iron-soft">{planPhrases(batch.document, units).join(' · ')}</p>
        </div>
        {run.phase === 'done' && <BatchActions batch={batch} teaches={!isRehearsal} />}
      </div>
      {run.phase !== 'done' && (
        <p className="mt-3">
          <Link href={`/cook/${batch.id}`} className="font-semibold text-rim underline underline-offset-4">
            This batch is under way: go to Cook
          </Link>
        </p>
      )}
      <div className="mt-3 grid gap-x-6 gap-y-4 sm:grid-cols-2 lg:grid-cols-[268px_268px_minmax(0,1fr)]">
        <Drawer head="Forecast" note={pulledAt === null ? 'for the pull' : `after ${wholeMinutes(pulledAt)} min`}>
          {live.forecast ? (
            <Basket
              plan={plan}
              record={live.forecast.record}
              sample={sampleAt(live.forecast.record, pulledAt ?? live.forecast.pull.time)}
              label="The drawer as it should have looked when it was pulled"
              className="w-full"
            />
          ) : (
            <div className="relative">
              <EmptyDrawer className="w-full" />
              <p className="absolute inset-0 grid place-items-center text-enamel">
                {live.failed ? 'The forecast cannot be worked out.' : 'Working out the forecast …'}
              </p>
            </div>
          )}
        </Drawer>
        {batch.fingerprint.length > 0 && (
          <Drawer head="As it came out" note="by its colours">
            <Basket
              plan={plan}
              record={cameOut}
              sample={1}
              label="The drawer in the colours in which it came out"
              className="w-full"
            />
          </Drawer>
        )}
        {batch.outcome && !editing && (
          <section aria-labelledby="what-differs" className="min-w-0 sm:max-lg:col-span-2">
            <h2 id="what-differs" className="text-[19px]">
              What differs
            </h2>
            <AgainstForecast batch={batch} outcome={batch.outcome} plan={plan} pulledAt={pulledAt} live={live} />
          </section>
        )}
      </div>
      {batch.outcome && !editing && (
        <StudyProvider>
          <WhatWentWrong batch={batch} cooked={document} pulledAt={pulledAt} ramp={outerRamp(plan)} fryerId={fryerId} />
          {pulledAt !== null && (
            <section aria-labelledby="again" className="mt-4 tray p-4 sm:p-6">
              <h2 id="again" className="text-[20px]">
                The next one
              </h2>
              <PlanAgain planned={batch.document} again={again} fryerId={fryerId} isRehearsal={isRehearsal} />
            </section>
          )}
        </StudyProvider>
      )}
      <div className="mt-4 tray p-4 sm:p-6">
        <h2 className="text-[20px]">The forecast, with what was done as it happened</h2>
        {live.forecast ? (
          <ColourField
            forecast={live.forecast}
            parts={parts}
            stages={plan.stages}
            openings={plan.events}
            pulledAt={pulledAt}
            height={110}
          />
        ) : (
          <EmptyField field="h-[110px] bg-enamel-deep" ramp={parts[0]!.ramp} />
        )}
        <div className="mt-5 grid gap-8 lg:grid-cols-2">
          <section>
            <h2 className="text-[20px]">Outcome</h2>
            {!batch.outcome && run.phase !== 'done' && <p className="mt-2 text-iron-soft">Not pulled yet.</p>}
            {showForm && (
              <OutcomeForm
                batchId={batch.id}
                cooked={{ document, pulledAfter: pulledAt ?? (batch.forecast.done_min ?? 0) * 60 }}
                ramp={outerRamp(plan)}
                wished={plan.target}
                seen={browningSeen(run)}
                stuck={run.stuck}
                before={batch.outcome ?? undefined}
              />
            )}
            {batch.outcome && (
              <Button look="quiet" className="no-print px-0" onClick={() => setEditing(!editing)}>
                {editing ? 'Leave it as it was' : 'Change what was said'}
              </Button>
            )}
            {photos && <Photos batchId={batch.id} initial={photos} name={batch.document.name} />}
          </section>
          <section>
            <h2 className="text-[20px]">What happened</h2>
            <ol className="mt-2 space-y-1 text-[15px]">
              {batch.events.map((event) => (
                <li key={event.id} className="grid grid-cols-[9ch_1fr]">
                  <span>
                    {run.loadedAt !== null && event.happenedAt >= run.loadedAt
                      ? clockText((event.happenedAt - run.loadedAt) / 1000)
                      : ''}
                  </span>
                  <span>
                    {eventText(event, batch.document, units)}{' '}
                    <span className="text-iron-soft">
                      <LocalTime at={event.happenedAt} write={(date) => format(date, 'HH:mm:ss')} />
                    </span>
                  </span>
                </li>
              ))}
              {batch.events.length === 0 && <li className="text-iron-soft">Nothing recorded yet.</li>}
            </ol>
          </section>
        </div>
      </div>
    </article>
  );
}

/** A drawer under its heading. */
function Drawer({ head, note, children }: { head: string; note: string; children: ReactNode }) {
  return (
    <section>
      <h2 className="text-[19px]">
        {head} <span className="font-text text-[14px] font-normal text-iron-soft">{note}</span>
      </h2>
      {children}
    </section>
  );
}
