'use client';

import { memo } from 'react';
import { prepDuration, prepTasks } from '@/core/prep/prep-tasks';
import type { Plan } from '@/core/plan/plan';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { ColourField } from '@/ui/field/colour-field';
import type { FieldHandle } from '@/ui/field/field-handles';
import { useUnits } from '@/ui/units-context';
import type { LiveForecastStore } from '@/ui/live-forecast';
import { useNewest } from '@/ui/use-forecast';
import { currentLoad } from '@/schemas/load-order';
import { useLoads } from '@/ui/study/use-loads';
import { clockBefore } from '@/ui/words/clock-before';
import { oilText, percentText, wholeMinutes } from '@/ui/words/format';
import { intervalText, pullText, spokenForecast, windowText } from '@/ui/words/forecast-text';
import { openingsText } from '@/ui/words/opening-text';
import { WarningList } from './warning-list';
import { outerRamp } from '@/core/plan/outer-ramp';

/** Clock time at which the first task must begin for food on the table at `serveAt` (HH:MM). @param atFryer s from the first loading to the last pull */
export function startBy(plan: Plan, atFryer: number, serveAt: string): string | null {
  return clockBefore(serveAt, atFryer + plan.toTable + prepDuration(prepTasks(plan)));
}

/** The forecast, always in view. */
export const ForecastPanel = memo(function ForecastPanel({
  live,
  document,
  plan,
  handles,
  pinned,
  onPin,
  release,
  serveAt,
  onServeAt,
  onCook,
  cooking,
}: {
  live: LiveForecastStore;
  document: PlanFile;
  plan: Plan;
  handles: readonly FieldHandle[];
  pinned: boolean;
  onPin: () => void;
  release: (document: PlanFile) => void;
  serveAt: string;
  onServeAt: (time: string) => void;
  onCook: () => void;
  cooking: boolean;
}) {
  const units = useUnits();
  const { forecast, interval, isFull, failed } = useNewest(live);
  const { count } = document.loads;
  const loads = useLoads(count > 1 ? document : null);
  if (failed && !forecast) {
    return (
      <p role="alert" className="p-6">
        The forecast could not be worked out in this browser. Reload the page; if it stays like this, the browser may
        block web workers.
      </p>
    );
  }
  if (!forecast) return <p className="p-6 text-iron-soft">Working out the first forecast …</p>;
  const start = forecast.inTime ? startBy(plan, loads?.time ?? count * forecast.pull.time, serveAt) : null;
  const range = intervalText(interval);
  return (
    <section aria-label="Forecast" className="py-3">
      <p className="sr-only" aria-live="polite">
        {isFull ? spokenForecast(forecast) : ''}
      </p>
      <div className="flex flex-wrap items-baseline gap-x-4 px-7">
        <h2 className="text-[26px] sm:text-[30px]">{pullText(forecast)}</h2>
        <p className="text-[18px] text-iron-soft" title="Eight of ten such batches are pulled within these minutes.">
          {range ?? ' '}
        </p>
      </div>
      <p className="px-7 text-[16px]">{windowText(forecast)}</p>
      {count > 1 && (
        <p className="px-7 text-[16px]">
          The first of {count} loads;{' '}
          {loads === undefined
            ? 'all of them: working it out …'
            : loads.time === null
              ? 'not all of them are done within the stages.'
              : `all of them take about ${wholeMinutes(loads.time)} min at the fryer, ${percentText(loads.evenness)} right.`}
        </p>
      )}
      <ColourField
        forecast={forecast}
        ramp={outerRamp(plan)}
        stages={plan.stages}
        openings={plan.events}
        handles={handles}
      />
      <dl className="mt-3 grid grid-cols-2 gap-x-6 gap-y-1.5 px-7 text-[15px] sm:grid-cols-[auto_1fr_auto_1fr]">
        <dt className="text-iron-soft">Begin checking</dt>
        <dd>after {wholeMinutes(forecast.firstCheck)} min</dd>
        <dt className="text-iron-soft">Oil</dt>
        <dd>{oilText((forecast.oil.used * 1000) / currentLoad(document).share)}</dd>
        <dt className="text-iron-soft">Energy, all stages</dt>
        <dd>{((loads?.energy ?? count * forecast.record.energy) / 3.6e6).toFixed(2)} kWh</dd>
        <dt className="text-iron-soft sm:col-start-1">Openings</dt>
        <dd className="sm:col-span-3">{openingsText(document, units) || 'none'}</dd>
      </dl>
      <WarningList forecast={forecast} document={document} release={release} />
      <div className="no-print mt-4 flex flex-wrap items-end gap-x-5 gap-y-2 px-7">
        <label className="text-[14px] font-semibold">
          On the table at
          <input
            type="time"
            value={serveAt}
            onChange={(event) => onServeAt(event.target.value)}
            className="mt-1 block h-11 rounded-part border-2 border-enamel-deep bg-white px-2 text-[16px] font-normal"
          />
        </label>
        <p className="pb-2.5 text-[16px]">
          {start ? (
            <>
              start by <strong>{start}</strong>
            </>
          ) : (
            'no start time while the stages end too soon'
          )}
        </p>
        <Button className="ml-auto" aria-pressed={pinned} onClick={onPin}>
          {pinned ? 'Unpin' : 'Pin to compare'}
        </Button>
        <Button look="main" className="px-7 text-[17px]" onClick={onCook} disabled={cooking || !isFull}>
          {cooking ? 'Setting up …' : 'Cook this'}
        </Button>
      </div>
    </section>
  );
});
