'use client';

import { Check } from 'lucide-react';
import { preheatDueIn, type PrepTask, prepTasks } from '@/core/prep/prep-tasks';
import type { BatchEventKind, RunState } from '@/core/run/run-state';
import type { DryingMethod, ParcookMethod, Plan } from '@/core/plan/plan';
import { celsiusFromKelvin } from '@/core/units/temperature';
import { useAlerts } from './use-alerts';
import type { BatchForecast } from '@/schemas/batch';
import { Button } from '@/ui/controls/button';
import { useUnits } from '@/ui/units-context';
import { clockText, oilText, temperatureText, type UnitSystem, wholeMinutes } from '@/ui/words/format';
import { PARCOOK_WORDS } from '@/ui/words/labels';

const DRYING_ORDERS: Record<DryingMethod, string> = {
  drain: 'Drain well',
  towel: 'Pat dry with a towel',
  'towel-twice': 'Pat dry, then again with a fresh towel',
  spinner: 'Spin dry',
  'steam-dry': 'Spread out to steam dry',
  air: 'Spread out to dry in the air',
};

/** A task as a short order. */
function taskWords(task: PrepTask, plan: Plan, units: UnitSystem): string {
  const warmth = task.temperature === undefined ? '' : temperatureText(celsiusFromKelvin(task.temperature), units);
  switch (task.kind) {
    case 'rinse':
      return 'Rinse until the water stays clear';
    case 'soak':
      return `Soak in water of ${warmth}`;
    case 'dry':
      return DRYING_ORDERS[task.method as DryingMethod];
    case 'parcook':
      return `Par-cook: ${PARCOOK_WORDS[task.method as ParcookMethod].toLowerCase()}`;
    case 'press':
      return 'Press the water out under a weight';
    case 'freeze-thaw':
      return 'Freeze through, then thaw';
    case 'marinate':
      return 'Marinate';
    case 'brine':
      return 'Lay in brine, in the fridge';
    case 'starch':
      return 'Dust with starch';
    case 'season':
      return 'Season';
    case 'dredge':
      return 'Flour, egg and crumb';
    case 'batter':
      return 'Turn in batter';
    case 'oil':
      return `Turn in ${oilText(plan.preparation.reduce((sum, step) => (step.step === 'oil' ? sum + step.mass * 1000 : sum), 0))} of oil`;
    case 'preheat':
      return `Preheat the empty fryer to ${warmth}`;
  }
}

/** The timer that ends next, or the preheat that must begin; null where nothing runs. */
function soonest(
  tasks: readonly PrepTask[],
  run: RunState,
  now: number,
  preheatIn: number | null,
  plan: Plan,
  units: UnitSystem,
): { words: string; left: number } | null {
  const running = tasks.flatMap((task, i) => {
    const begun = run.prepBegun.get(i);
    if (begun === undefined || run.prepDone.has(i)) return [];
    return [{ words: `Over: ${taskWords(task, plan, units)}`, left: task.duration - (now - begun) / 1000 }];
  });
  if (preheatIn !== null) running.push({ words: 'Begin the preheat', left: preheatIn });
  return running.sort((a, b) => a.left - b.left)[0] ?? null;
}

/** Everything before loading, each with its own timer; timers run side by side. */
export function PrepPhase({
  plan,
  forecast,
  run,
  now,
  record,
}: {
  plan: Plan;
  forecast: BatchForecast;
  run: RunState;
  now: number;
  record: (kind: BatchEventKind, detail?: { step?: number }) => void;
}) {
  const units = useUnits();
  const tasks = prepTasks(plan);
  const current = tasks.findIndex((_, i) => !run.prepDone.has(i));
  const preheatIn = preheatDueIn(tasks, run, now);
  const begun = run.prepBegun.size > 0 || run.prepDone.size > 0;
  const next = soonest(tasks, run, now, begun ? preheatIn : null, plan, units);
  const alerts = useAlerts(next?.words ?? 'Load', next?.left ?? Infinity);
  return (
    <section aria-label="Preparation" className="mt-3">
      <p className="mb-1 text-[18px] text-ash">
        {forecast.done_min === null
          ? 'This plan is not forecast to be done within its stages.'
          : `Once loaded, pull after about ${wholeMinutes(forecast.done_min * 60)} min. Timers run side by side.`}{' '}
        <Button look="quiet" className="px-1 !text-rim-light" aria-pressed={alerts.on} onClick={alerts.toggle}>
          {alerts.on ? 'Sound is on' : 'Turn sound on'}
        </Button>
      </p>
      <ol className="divide-y-2 divide-iron-line">
        {tasks.map((task, i) => {
          const begun = run.prepBegun.get(i);
          const done = run.prepDone.has(i);
          const left = begun === undefined ? task.duration : task.duration - (now - begun) / 1000;
          return (
            <li key={i} className="flex flex-wrap items-center gap-x-5 gap-y-2 py-3">
              <span
                className={`min-w-[7ch] font-display text-[40px] leading-none font-semibold ${done ? 'text-ash' : ''}`}
                role="timer"
                aria-label={`${taskWords(task, plan, units)}: ${done ? 'done' : clockText(left)}`}
              >
                {done ? <Check size={38} aria-hidden /> : left < 0 ? `+${clockText(-left)}` : clockText(left)}
              </span>
              <span className={`min-w-48 flex-1 text-[22px] ${done ? 'text-ash' : ''}`}>
                {taskWords(task, plan, units)}
                {!done && left <= 0 && begun !== undefined && <strong> · ready</strong>}
                {task.kind === 'preheat' && preheatIn !== null && (
                  <span className="block text-[17px] text-ash" role={preheatIn <= 0 ? 'status' : undefined}>
                    {preheatIn > 0
                      ? `Begin it in ${clockText(preheatIn)}, to be hot when the rest is ready.`
                      : 'Begin it now: it will be hot when the rest is ready.'}
                  </span>
                )}
              </span>
              {!done && begun === undefined && (
                <Button
                  look={
                    i === current || (task.kind === 'preheat' && preheatIn !== null && preheatIn <= 0)
                      ? 'light'
                      : 'iron'
                  }
                  className="min-w-28"
                  onClick={() => record('prep-begun', { step: i })}
                >
                  Start
                </Button>
              )}
              {!done && (
                <Button
                  look={begun !== undefined && left <= 0 ? 'light' : 'iron'}
                  className="min-w-28"
                  onClick={() => record('prep-done', { step: i })}
                >
                  Done
                </Button>
              )}
            </li>
          );
        })}
      </ol>
      <div className="mt-5 flex flex-wrap items-center gap-4">
        <Button
          look={current < 0 ? 'light' : 'iron'}
          className="min-h-16 px-8 text-[22px]"
          onClick={() => record('loaded')}
        >
          The basket is in: start
        </Button>
        <p className="text-[16px] text-ash">
          {current < 0 ? 'All is ready.' : 'Steps left open count as done when you start.'} First dial:{' '}
          {temperatureText(celsiusFromKelvin(plan.stages[0]!.temperature), units)}.
        </p>
      </div>
    </section>
  );
}
