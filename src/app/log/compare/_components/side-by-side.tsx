'use client';

import { format } from 'date-fns';
import clsx from 'clsx';
import Link from 'next/link';
import { useMemo } from 'react';
import { looksOfColours, sampleAt } from '@/core/batch/record-statistics';
import { outerRamp } from '@/core/plan/outer-ramp';
import { deriveRun } from '@/core/run/run-state';
import { asCooked } from '@/editing/as-cooked';
import type { Batch } from '@/schemas/batch';
import { planFromFile } from '@/schemas/plan-from-file';
import { ColourStrip } from '@/app/_components/trouble/colour-strip';
import { Basket } from '@/ui/basket/basket';
import { ColourField } from '@/ui/field/colour-field';
import { fieldParts } from '@/ui/field/field-parts';
import { LocalTime } from '@/ui/local-time';
import { StudyProvider } from '@/ui/study/study-context';
import { useUnits } from '@/ui/units-context';
import { useWholeForecast } from '@/ui/use-forecast';
import { wholeMinutes } from '@/ui/words/format';
import { BITE_WORDS, EVENNESS_WORDS, NEXT_WORDS } from '@/ui/words/labels';
import { planDifferences } from '@/ui/words/plan-differences';
import type { Cooked } from './cooked';
import { WhatMakesIt } from './what-makes-it';

function cookedOf(batch: Batch): Cooked {
  const run = deriveRun(batch.events);
  const pulledAt = run.loadedAt !== null && run.doneAt !== null ? (run.doneAt - run.loadedAt) / 1000 : null;
  return { batch, document: run.loadedAt === null ? batch.document : asCooked(batch.document, run), pulledAt };
}

/** Batches beside each other: drawers, fields, what was done differently, what came of it, and what explains the difference. */
export function SideBySide({ batches }: { batches: readonly Batch[] }) {
  const units = useUnits();
  const cooked = useMemo(() => batches.map(cookedOf), [batches]);
  const [first, ...others] = cooked;
  const aspects = useMemo(() => {
    const rows = new Map<string, string[]>();
    others.forEach(({ batch }, i) => {
      for (const { what, one, other } of planDifferences(first!.batch.document, batch.document, units)) {
        const row = rows.get(what) ?? Array.from({ length: others.length + 1 }, () => one);
        row[i + 1] = other;
        rows.set(what, row);
      }
    });
    return [...rows.entries()].filter(([what]) => what !== 'Name');
  }, [first, others, units]);
  const columns = clsx('grid gap-x-6 gap-y-5', cooked.length === 2 ? 'md:grid-cols-2' : 'md:grid-cols-3');
  return (
    <StudyProvider>
      <div className={columns}>
        {cooked.map((one) => (
          <Column key={one.batch.id} cooked={one} />
        ))}
      </div>
      <section aria-labelledby="done-differently" className="mt-5 tray p-4 sm:p-6">
        <h2 id="done-differently" className="text-[20px]">
          What was done differently
        </h2>
        {aspects.length === 0 ? (
          <p className="mt-2 text-[15px]">Nothing that was planned.</p>
        ) : (
          <div className="overflow-x-auto">
            <table className="mt-2 w-full text-left text-[15px] [&_td]:py-1.5 [&_td]:pr-4 [&_th]:py-1.5 [&_th]:pr-4 [&_tr]:border-t [&_tr]:border-enamel-deep">
              <thead className="sr-only">
                <tr>
                  <th scope="col">What</th>
                  {cooked.map(({ batch }) => (
                    <th key={batch.id} scope="col">
                      {batch.document.name}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {aspects.map(([what, values]) => (
                  <tr key={what}>
                    <th scope="row" className="font-normal text-iron-soft">
                      {what}
                    </th>
                    {values.map((value, i) => (
                      <td key={i}>{value}</td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        )}
      </section>
      {others.map((other) => (
        <WhatMakesIt key={other.batch.id} one={first!} other={other} />
      ))}
    </StudyProvider>
  );
}

function Column({ cooked: { batch, document, pulledAt } }: { cooked: Cooked }) {
  const plan = useMemo(() => planFromFile(document), [document]);
  const parts = useMemo(() => fieldParts(plan), [plan]);
  const { forecast } = useWholeForecast(document);
  const looks = useMemo(() => {
    const gone = forecast ? forecast.record.waterLost[sampleAt(forecast.record, pulledAt)]! : 0.5;
    return looksOfColours(batch.fingerprint, gone);
  }, [batch.fingerprint, forecast, pulledAt]);
  const { outcome } = batch;
  return (
    <section aria-label={batch.document.name} className="min-w-0">
      <h2 className="text-[22px]">
        <Link href={`/log/${batch.id}`} className="text-rim">
          {batch.document.name}
        </Link>
      </h2>
      <p className="text-[15px] text-iron-soft">
        <LocalTime at={batch.begunAt} write={(date) => format(date, 'EEEE d MMMM')} />, {batch.fryerName}
      </p>
      {batch.fingerprint.length > 0 ? (
        <>
          <Basket
            plan={plan}
            record={looks}
            sample={1}
            label="The drawer in the colours in which it came out"
            className="mt-2 w-full max-w-80"
          />
          <div className="mt-2 max-w-80">
            <ColourStrip colours={batch.fingerprint} ramp={outerRamp(plan)} label="Palest to darkest, as it came out" />
          </div>
        </>
      ) : (
        <p className="mt-2 text-iron-soft">How it came out was not said.</p>
      )}
      <p className="mt-2 text-[15px]">
        {pulledAt === null ? 'The pull was not recorded' : `Pulled after ${wholeMinutes(pulledAt)} min`}
        {outcome &&
          `; ${BITE_WORDS[outcome.crispness].toLowerCase()}, ${EVENNESS_WORDS[outcome.evenness].toLowerCase()}${outcome.next ? `; ${NEXT_WORDS[outcome.next].toLowerCase()}` : ''}`}
        .
      </p>
      {outcome?.note && <p className="text-[15px] whitespace-pre-wrap">“{outcome.note}”</p>}
      {forecast && (
        <div className="mt-2">
          <ColourField
            forecast={forecast}
            parts={parts}
            stages={plan.stages}
            openings={plan.events}
            pulledAt={pulledAt}
            height={90}
          />
        </div>
      )}
    </section>
  );
}
