'use client';

import { useEffect, useMemo } from 'react';
import { batchYield } from '@/core/cut/batch-yield';
import { freshLayers } from '@/core/fryer/layers';
import { cutAsLoaded } from '@/core/plan/cut-as-loaded';
import { drawerWord } from '@/ui/words/drawer-word';
import { preheatDueIn, prepTasks } from '@/core/prep/prep-tasks';
import type { RecordEvent } from '@/core/run/batch-event';
import type { RunState } from '@/core/run/run-state';
import { celsiusFromKelvin } from '@/core/units/temperature';
import { pullTimeIn } from '@/core/forecast/pull-time-in';
import { storedPull } from '@/app/_components/batch-forecast';
import type { BatchForecast } from '@/schemas/batch';
import { firstStepOfEachLoad } from '@/schemas/each-load';
import { currentLoad } from '@/schemas/load-order';
import { preparedPlan } from '@/editing/as-cooked';
import type { PlanFile } from '@/schemas/plan-file';
import { planFromFile, wholePlanFromFile } from '@/schemas/plan-from-file';
import { Button } from '@/ui/controls/button';
import { useUnits } from '@/ui/units-context';
import { useWholeForecast } from '@/ui/use-forecast';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import { massText, temperatureText, wholeMinutes } from '@/ui/words/format';
import { type Deed, deedsOf } from './prep-deeds';
import { besideTexts } from '@/ui/words/beside-text';
import { LoadsClock } from './loads-clock';
import { DeedCard } from './deed-card';
import { PrepLanes } from './prep-lanes';
import { useAlerts } from '@/ui/use-alerts';

/** What ends next: a timer, or the wait for the preheat. */
function soonest(deeds: readonly Deed[], preheatIn: number | null): { words: string; left: number } | null {
  const running = deeds.flatMap(({ begun, done, left, order }) =>
    begun === undefined || done ? [] : [{ words: `Over: ${order.text}`, left }],
  );
  if (preheatIn !== null) running.push({ words: 'Begin the preheat', left: preheatIn });
  return running.sort((a, b) => a.left - b.left)[0] ?? null;
}

/** Everything before loading: the deed that is due large, the others beside it, each with its amount, time and caution. */
export function PrepPhase({
  document,
  forecast,
  isMadeReady,
  run,
  now,
  record,
}: {
  document: PlanFile;
  forecast: BatchForecast;
  /** all before the fryer was marked elsewhere */
  isMadeReady: boolean;
  run: RunState;
  now: number;
  record: RecordEvent;
}) {
  const units = useUnits();
  const plan = useMemo(() => wholePlanFromFile(document), [document]);
  /* what is one load of several was made ready with the first */
  const { count, current: load = 1 } = document.loads;
  const tasks = useMemo(() => prepTasks(plan), [plan]);
  const fromStep = load > 1 ? firstStepOfEachLoad(document) : 0;
  const deeds = deedsOf(document, plan, tasks, run, now, units).filter(
    ({ index, task }) => !isMadeReady && index >= fromStep && (load === 1 || task.kind !== 'preheat'),
  );
  const preheatIn = load > 1 || isMadeReady ? null : preheatDueIn(tasks, run, now);
  const begun = run.prepBegun.size > 0 || run.prepDone.size > 0;
  const next = soonest(deeds, begun ? preheatIn : null);
  const alerts = useAlerts(next?.words ?? 'Load', next?.left ?? Infinity);
  /* steps that went otherwise than planned move the moment to pull before anything is loaded */
  const changed = useMemo(() => preparedPlan(document, run), [document, run]);
  const live = useWholeForecast(changed === document ? null : changed);
  const pull = changed === document || !live.forecast ? storedPull(forecast) : pullTimeIn(live.forecast);
  const loadPlan = useMemo(() => planFromFile(document), [document]);
  const layers = freshLayers(loadPlan);
  const pieces = batchYield(loadPlan.food, cutAsLoaded(loadPlan), loadPlan.mass).count;
  const open = deeds.filter(({ done }) => !done);
  const current = open.find(({ task }) => task.kind !== 'preheat') ?? open[0];
  const beside = open.filter((deed) => deed !== current);
  const done = deeds.filter((deed) => deed.done);
  usePrepKeys(current, record);
  return (
    <section aria-label="Preparation" className="mt-3">
      <p className="mb-3 text-[18px] text-ash">
        {pull === null
          ? 'This plan is not forecast to be done within its stages.'
          : `Once loaded, pull after about ${wholeMinutes(pull)} min${changed === document ? '' : ', as the preparation went'}.`}{' '}
        <Button look="quiet" className="px-1 !text-rim-light" aria-pressed={alerts.on} onClick={alerts.toggle}>
          {alerts.on ? 'Sound is on' : 'Turn sound on'}
        </Button>
      </p>
      {load > 1 && !isMadeReady && (
        <LoadsClock document={document} pullAt={pull === null ? null : now + pull * 1000} isOut={false} />
      )}
      <div className="grid gap-x-6 gap-y-5 lg:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
        <div>
          {current ? (
            <DeedCard
              key={current.index}
              deed={current}
              large
              due={dueOf(current, preheatIn)}
              fryer={plan.fryer}
              record={record}
            />
          ) : (
            <p className="font-display text-[clamp(44px,7vw,88px)] leading-none font-bold">All is ready</p>
          )}
        </div>
        <ol className="grid content-start gap-x-6 gap-y-5 sm:grid-cols-2">
          {beside.map((deed) => (
            <li key={deed.index} className="border-iron-line sm:border-l-2 sm:pl-4">
              <DeedCard deed={deed} due={dueOf(deed, preheatIn)} fryer={plan.fryer} record={record} />
            </li>
          ))}
          <li className="border-iron-line sm:border-l-2 sm:pl-4">
            <p className="text-[15px] text-ash">last</p>
            <p className="font-display text-[32px] leading-tight font-semibold">
              {count === 1 ? 'Load' : `Load ${load} of ${count}`}
            </p>
            <p className="mt-1 text-[18px]">
              {massText(document.mass_g * currentLoad(document).share, units)}
              {drawerWord(document)}, {pieces} pieces{' '}
              {layers <= 1.05 ? 'in one layer' : `in ${layers.toFixed(1)} layers`}, first dial{' '}
              {temperatureText(celsiusFromKelvin(plan.stages[0]!.temperature), units)}
            </p>
            {load === 1 &&
              besideTexts(document, units, pull).map((beside) => (
                <p key={beside} className="mt-1 text-[18px]">
                  Have ready: {beside}
                </p>
              ))}
            <p className="mt-1 text-[15px] text-ash">{STEP_CAUTIONS.load}</p>
          </li>
          {done.length > 0 && (
            <li className="border-iron-line sm:border-l-2 sm:pl-4">
              <p className="text-[15px] text-ash">done</p>
              <ul className="text-[17px]">
                {done.map((deed) => (
                  <li key={deed.index}>
                    {deed.order.text}
                    <span role="timer" aria-label={`${deed.order.text}: done`} className="text-ash">
                      {deed.skipped ? ', left out' : deed.took === undefined ? '' : `, took ${deed.took} min`}
                    </span>
                  </li>
                ))}
              </ul>
            </li>
          )}
        </ol>
      </div>
      <div className="sticky bottom-0 z-10 mt-5 flex flex-wrap items-center gap-4 bg-iron py-3">
        <Button
          look={current ? 'iron' : 'light'}
          className="min-h-16 px-8 text-[22px]"
          aria-keyshortcuts="b"
          onClick={() => record('loaded')}
        >
          The basket is in: start
        </Button>
        <p className="text-[16px] text-ash">
          {current ? 'Steps left open count as done when you start.' : 'The fryer is hot, the pieces are ready.'}
        </p>
      </div>
      <PrepLanes deeds={deeds} />
    </section>
  );
}

/** s until the preheat must begin; null for all else. */
function dueOf({ task }: Deed, preheatIn: number | null): number | null {
  return task.kind === 'preheat' ? preheatIn : null;
}

/** Space does what is due, K leaves it out, B loads; not while something is typed. */
function usePrepKeys(current: Deed | undefined, record: RecordEvent): void {
  useEffect(() => {
    const act = (key: string): boolean => {
      if (key === 'b') record('loaded');
      else if (!current) return false;
      else if (key === 'k') record('prep-skipped', { step: current.index });
      else if (key === ' ') {
        record(current.waits && current.begun === undefined ? 'prep-begun' : 'prep-done', { step: current.index });
      } else return false;
      return true;
    };
    const onKey = (event: KeyboardEvent) => {
      if (event.repeat || event.ctrlKey || event.metaKey || event.altKey) return;
      /* a button under the focus keeps its own space bar */
      if (event.target instanceof Element && event.target.closest('button, input, select, textarea, a')) return;
      if (act(event.key.toLowerCase())) event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}
