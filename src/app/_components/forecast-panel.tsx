'use client';

import dynamic from 'next/dynamic';
import { memo, useDeferredValue, useMemo, useState } from 'react';
import { basketCount } from '@/core/plan/basket-count';
import type { Forecast } from '@/core/forecast/forecast';
import type { Plan } from '@/core/plan/plan';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { Basket } from '@/ui/basket/basket';
import { EmptyDrawer } from '@/ui/drawings/empty-drawer';
import { useAlive } from '@/ui/use-alive';
import { ColourField } from '@/ui/field/colour-field';
import { fieldParts } from '@/ui/field/field-parts';
import { type LiveForecastStore, questionOf } from '@/ui/live-forecast';
import { useNewest } from '@/ui/use-forecast';
import { currentLoad } from '@/schemas/load-order';
import { useLoads } from '@/ui/study/use-loads';
import { halfMinutes, oilText, percentText, wholeMinutes } from '@/ui/words/format';
import { spokenForecast } from '@/ui/words/forecast-text';
import { ForecastHead } from './forecast-head';
import { ServingLine } from './serving-line';
import { stretchesOf } from './start-by';
import { useUnits } from '@/ui/units-context';
import { fieldMarks } from './field-marks';
import { WarningList } from './warning-list';
import { energyUntil, sampleAt } from '@/core/batch/record-statistics';

/* rarely asked for, so it is loaded when it is */
const SensitivityList = dynamic(() => import('./sensitivity-list').then((part) => part.SensitivityList));

const DRAWER = 'w-full max-w-[272px] justify-self-center @lg:justify-self-end';

/** The forecast, always in view. */
export const ForecastPanel = memo(function ForecastPanel({
  live,
  pending,
  document,
  plan,
  readPlan,
  pinned,
  onPin,
  move,
  release,
  serveAt,
  onServeAt,
  onCook,
  cooking,
}: {
  live: LiveForecastStore;
  /** whether the openings have still to follow the plan: a moment with its range is one that stays */
  pending: boolean;
  document: PlanFile;
  plan: Plan;
  /** the plan as it stands, which what is drawn here may lag behind */
  readPlan: () => { document: PlanFile };
  pinned: boolean;
  onPin: () => void;
  move: (document: PlanFile) => void;
  release: (document: PlanFile) => void;
  serveAt: string;
  onServeAt: (time: string) => void;
  onCook: () => void;
  cooking: boolean;
}) {
  const { forecast, interval, isFull, failed, question } = useNewest(live);
  const alive = useAlive();
  /** s, the moment that is read in the field */
  const [read, setShown] = useState(0);
  const shown = useDeferredValue(read);
  const [more, setMore] = useState(false);
  /* the drawer may lag behind a moving lever, the number may not; it is drawn anew once the answer is in, not before as well */
  const [answered, setAnswered] = useState({ forecast, plan });
  const isOfPlan = question === questionOf(document);
  if (answered.forecast !== forecast || (isOfPlan && answered.plan !== plan)) setAnswered({ forecast, plan });
  const drawn = useDeferredValue(answered);
  const { count } = document.loads;
  const loads = useLoads(count > 1 ? document : null);
  const units = useUnits();
  const handles = useMemo(
    () => fieldMarks(document, units, () => readPlan().document, move, release),
    [document, units, readPlan, move, release],
  );
  const parts = useMemo(() => fieldParts(plan), [plan]);
  const pieces = useMemo(() => basketCount(plan), [plan]);
  if (failed && !forecast) {
    return (
      <p role="alert" className="p-6">
        The forecast could not be worked out in this browser; Drubek tries again every few seconds. If it stays like
        this, reload the page: the browser may block web workers.
      </p>
    );
  }
  if (!forecast) return <p className="p-6 text-iron-soft">Working out the first forecast …</p>;
  const picture = drawn.forecast ?? forecast;
  const atFryer = loads?.time ?? count * forecast.pull.time;
  return (
    <section aria-label="Forecast" className="@container px-4 py-3 lg:px-6">
      <p className="sr-only" aria-live="polite">
        {isFull && !pending ? spokenForecast(forecast) : ''}
      </p>
      {failed && (
        <p role="alert" className="mb-2 text-[15px] font-semibold text-alarm">
          What you see is from before: the plan as it stands could not be worked out. Drubek tries again every few
          seconds.
        </p>
      )}
      <div className="grid items-start gap-x-5 gap-y-2 @lg:grid-cols-[minmax(0,1fr)_minmax(150px,272px)]">
        <div>
          <ForecastHead
            forecast={forecast}
            interval={pending || !isOfPlan ? null : interval}
            document={document}
            plan={plan}
          />
          {count > 1 && (
            <p className="mt-2 text-[15px]">
              The first of {count} loads;{' '}
              {loads === undefined
                ? 'all of them: working it out …'
                : loads.time === null
                  ? 'not all of them are done within the stages.'
                  : `all of them take about ${wholeMinutes(loads.time)} min at the fryer, ${percentText(loads.evenness)} right.`}
            </p>
          )}
          <p className="mt-3 text-[14px] text-iron-soft">
            {oilText((forecast.oil.used * 1000) / currentLoad(document).share)} of oil ·{' '}
            {count > 1 ? `${count} loads` : 'one load'} ·{' '}
            {(
              (loads?.energy ?? count * energyUntil(forecast.record, forecast.pull.time, plan.fryer.maximumPower)) /
              3.6e6
            ).toFixed(1)}{' '}
            kWh
          </p>
          <p className="-mx-4 flex flex-wrap">
            <Button look="quiet" aria-expanded={more} onClick={() => setMore(!more)}>
              {more ? 'Less about this forecast' : 'More about this forecast'}
            </Button>
            <Button look="quiet" aria-pressed={pinned} onClick={onPin}>
              {pinned ? 'Unpin' : 'Pin to compare'}
            </Button>
          </p>
        </div>
        {alive ? (
          <Basket
            plan={drawn.plan}
            record={picture.record}
            sample={sampleAt(picture.record, shown)}
            label={basketWords(picture, shown)}
            scrubbed
            className={DRAWER}
          />
        ) : (
          <EmptyDrawer className={DRAWER} />
        )}
      </div>
      <div className="-mx-4 lg:-mx-6">
        <ColourField
          forecast={forecast}
          parts={parts}
          stages={plan.stages}
          openings={plan.events}
          handles={handles}
          onRead={setShown}
          height={112}
          withShare={more}
          count={pieces}
        />
      </div>
      {more && <SensitivityList document={document} />}
      <WarningList forecast={forecast} document={document} readPlan={readPlan} release={release} />
      <div className="no-print mt-2 flex flex-wrap items-center gap-x-6 gap-y-2 border-t border-enamel-deep pt-2">
        <ServingLine
          stretches={forecast.inTime ? stretchesOf(plan, atFryer) : null}
          serveAt={serveAt}
          onServeAt={onServeAt}
          bar
        />
        <Button look="main" className="ml-auto px-7 py-3 text-[18px]" onClick={onCook} disabled={cooking || !alive}>
          {cooking ? 'Setting up …' : 'Cook this'}
        </Button>
      </div>
    </section>
  );
});

/** What the basket shows, in words. */
function basketWords({ record, track }: Forecast, time: number): string {
  const at = sampleAt(record, time);
  const right = track.shares[4 * at + 1] ?? 0;
  return `The basket after ${halfMinutes(at * record.interval)} min: ${percentText(right)} of the pieces right`;
}
