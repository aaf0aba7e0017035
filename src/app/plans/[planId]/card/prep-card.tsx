'use client';

import { useMemo } from 'react';
import { sampleAt } from '@/core/batch/record-statistics';
import type { PlanFile } from '@/schemas/plan-file';
import { planFromFile } from '@/schemas/plan-from-file';
import { Button } from '@/ui/controls/button';
import { Basket } from '@/ui/basket/basket';
import { ColourField } from '@/ui/field/colour-field';
import { fieldParts } from '@/ui/field/field-parts';
import { useUnits } from '@/ui/units-context';
import { useWholeForecast } from '@/ui/use-forecast';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import { windowText } from '@/ui/words/forecast-text';
import { halfMinutes } from '@/ui/words/format';
import { cardSteps } from '@/ui/words/prep-steps';

/** Steps with their minutes, the field, and the cautions of the fryer, on one sheet. */
export function PrepCard({ document }: { document: PlanFile }) {
  const units = useUnits();
  const plan = useMemo(() => planFromFile(document), [document]);
  const parts = useMemo(() => fieldParts(plan), [plan]);
  const live = useWholeForecast(document);
  /* what is printed stays: the first quick picture is not for paper */
  if (!live.forecast) return <p className="tray p-6 text-[18px]">Working out the card …</p>;
  const steps = cardSteps(document, live.forecast, units);
  return (
    <article className="tray p-6 print:border-0 print:p-0">
      <div className="flex items-baseline justify-between gap-4">
        <h1 className="text-[34px]">{document.name}</h1>
        <Button look="main" className="no-print" onClick={() => window.print()}>
          Print
        </Button>
      </div>
      <p className="mt-1 text-[19px]">{windowText(live.forecast)}</p>
      <ol className="mt-3 space-y-1.5 text-[21px] leading-snug">
        {steps.map((step, i) => (
          <li key={i} className="grid grid-cols-[2ch_1fr_auto] gap-x-3 border-b border-enamel-deep pb-1.5">
            <span className="font-semibold text-iron-soft">{i + 1}</span>
            <span>
              {step.text}
              {step.caution && <span className="block text-[15px] text-iron-soft">{step.caution}</span>}
            </span>
            <span className="text-iron-soft">{step.duration === null ? '' : `${halfMinutes(step.duration)} min`}</span>
          </li>
        ))}
      </ol>
      <div className="mt-3 grid items-center gap-4 sm:grid-cols-[minmax(0,1fr)_170px] print:grid-cols-[minmax(0,1fr)_170px]">
        <ColourField forecast={live.forecast} parts={parts} stages={plan.stages} openings={plan.events} height={80} />
        <Basket
          plan={plan}
          record={live.forecast.record}
          sample={sampleAt(live.forecast.record, live.forecast.pull.time)}
          label="The basket when it is time to pull"
          className="mx-auto w-full max-w-[170px]"
        />
      </div>
      <p className="mt-2 text-[14px]">{STEP_CAUTIONS.cook}</p>
    </article>
  );
}
