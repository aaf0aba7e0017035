'use client';

import { format } from 'date-fns';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { asCooked } from '@/editing/as-cooked';
import { sampleAt } from '@/core/batch/record-statistics';
import { deriveRun } from '@/core/run/run-state';
import { browningSeen } from '@/core/run/suggest-outcome';
import type { Batch } from '@/schemas/batch';
import { planFromFile } from '@/schemas/plan-from-file';
import { OutcomeForm } from '@/app/_components/outcome-form';
import { Button } from '@/ui/controls/button';
import { Basket } from '@/ui/basket/basket';
import { ColourField } from '@/ui/field/colour-field';
import { fieldParts } from '@/ui/field/field-parts';
import { LocalTime } from '@/ui/local-time';
import { useUnits } from '@/ui/units-context';
import { useWholeForecast } from '@/ui/use-forecast';
import { clockText } from '@/ui/words/format';
import { eventText } from '@/ui/words/event-text';
import { planPhrases } from '@/ui/words/plan-text';
import { AgainstForecast } from './against-forecast';
import { WhyDifferent } from './why-different';
import { outerRamp } from '@/core/plan/outer-ramp';

/** Plan, events, and the forecast of what really happened against the outcome. */
export function BatchView({ batch, fryerId = null }: { batch: Batch; fryerId?: string | null }) {
  const units = useUnits();
  const [editing, setEditing] = useState(false);
  const run = useMemo(() => deriveRun(batch.events), [batch.events]);
  const document = useMemo(
    () => (run.loadedAt === null ? batch.document : asCooked(batch.document, run)),
    [batch.document, run],
  );
  const plan = useMemo(() => planFromFile(document), [document]);
  const parts = useMemo(() => fieldParts(plan), [plan]);
  const live = useWholeForecast(document);
  const pulledAt = run.loadedAt !== null && run.doneAt !== null ? (run.doneAt - run.loadedAt) / 1000 : null;
  const showForm = editing || (!batch.outcome && run.phase === 'done');
  return (
    <article className="tray p-4 sm:p-6">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h1 className="text-[28px]">{batch.document.name}</h1>
        <p className="text-[15px] text-iron-soft">
          <LocalTime at={batch.begunAt} write={(date) => format(date, 'EEEE d MMMM yyyy, HH:mm')} /> in{' '}
          {batch.fryerName}
        </p>
      </div>
      <p className="mt-1 text-[15px]">{planPhrases(batch.document, units).join(' · ')}</p>
      {run.phase !== 'done' && (
        <p className="mt-3">
          <Link href={`/cook/${batch.id}`} className="font-semibold text-rim underline underline-offset-4">
            This batch is under way: go to Cook
          </Link>
        </p>
      )}
      <h2 className="mt-5 text-[20px]">Forecast, with what was done as it happened</h2>
      {live.forecast ? (
        <div className="mt-1 grid items-center gap-x-4 gap-y-2 sm:grid-cols-[minmax(0,1fr)_200px]">
          <ColourField
            forecast={live.forecast}
            parts={parts}
            stages={plan.stages}
            openings={plan.events}
            pulledAt={pulledAt}
          />
          <Basket
            plan={plan}
            record={live.forecast.record}
            sample={sampleAt(live.forecast.record, pulledAt ?? live.forecast.pull.time)}
            label="The basket as it should have looked when it was pulled"
            className="mx-auto w-full max-w-[200px]"
          />
        </div>
      ) : (
        <p className="py-6 text-iron-soft">Working out the forecast …</p>
      )}
      <div className="mt-5 grid gap-8 lg:grid-cols-2">
        <section>
          <h2 className="text-[20px]">Outcome</h2>
          {batch.outcome && !editing && (
            <>
              <AgainstForecast batch={batch} outcome={batch.outcome} plan={plan} pulledAt={pulledAt} live={live} />
              {pulledAt !== null && (
                <WhyDifferent
                  planned={batch.document}
                  cooked={document}
                  run={run}
                  browning={batch.outcome.browning}
                  pulledAt={pulledAt}
                  fryerId={fryerId}
                />
              )}
            </>
          )}
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
    </article>
  );
}
