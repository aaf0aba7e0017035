'use client';

import { useEffect, useMemo } from 'react';
import { nextAction } from '@/core/cook/next-action';
import { type BatchEventKind, openingsToCome, type RunState } from '@/core/cook/run-state';
import { cookDuration, dialTemperature, type Plan } from '@/core/plan/plan';
import { celsiusFromKelvin } from '@/core/units/temperature';
import type { Batch } from '@/schemas/batch';
import { planFromFile } from '@/schemas/plan-file';
import { ColourField } from '@/ui/field/colour-field';
import { useUnits } from '@/ui/units-context';
import { useForecast } from '@/ui/use-forecast';
import { clockText, temperatureText } from '@/ui/words/format';
import { windowText } from '@/ui/words/forecast-text';
import { CookButtons } from './cook-buttons';
import { effectivePlan, PLANNING_STEP } from './effective-plan';
import { LooksNow } from './looks-now';

const VERBS = {
  shake: 'Shake',
  toss: 'Toss in a bowl',
  flip: 'Flip each piece',
  open: 'Open',
  check: 'Check',
  pull: 'Pull',
  oil: 'Oil again, toss',
  add: 'Add the rest',
} as const;

/** The run: one verb, one countdown, one temperature; the field with its playhead; what it should look like. */
export function CookingPhase({
  batch,
  plan,
  run,
  now,
  record,
}: {
  batch: Batch;
  plan: Plan;
  run: RunState;
  now: number;
  record: (kind: BatchEventKind) => void;
}) {
  const units = useUnits();
  const elapsed = Math.max(0, (now - run.loadedAt!) / 1000);
  const planningTime = Math.floor(elapsed / PLANNING_STEP) * PLANNING_STEP;
  const document = useMemo(() => effectivePlan(batch.document, run, planningTime), [batch.document, run, planningTime]);
  const live = useForecast(document, false);
  const current = useMemo(() => planFromFile(document), [document]);
  const toCome = openingsToCome(plan.events, run.openings, elapsed);
  const action = nextAction(
    live.forecast ?? {
      doneTime: batch.forecast.done_min === null ? null : batch.forecast.done_min * 60,
      firstCheck: batch.forecast.first_check_min === null ? null : batch.forecast.first_check_min * 60,
    },
    toCome,
    run.extraMinutes * 60,
    elapsed,
    cookDuration(current),
  );
  const left = action.at - elapsed;
  const dial = temperatureText(celsiusFromKelvin(dialTemperature(current.stages, elapsed)), units);

  useEffect(() => {
    const before = window.document.title;
    window.document.title = `${VERBS[action.verb]} ${left > 0 ? `in ${clockText(left)}` : 'now'} · Drubek`;
    return () => {
      window.document.title = before;
    };
  }, [action.verb, left]);

  return (
    <section aria-label="The run" className="mt-2">
      <div className="flex flex-wrap items-end justify-between gap-x-8 gap-y-1">
        <p className="font-display text-[clamp(44px,9vw,104px)] leading-[0.95] font-bold" aria-live="assertive">
          {VERBS[action.verb]}
          <span className="sr-only">{left > 0 ? '' : ' now'}</span>
        </p>
        <p role="timer" className="font-display text-[clamp(44px,9vw,104px)] leading-[0.95] font-bold">
          {left > 0 ? (
            <>
              <span className="mr-3 text-[0.4em] font-semibold text-ash">in</span>
              {clockText(left)}
            </>
          ) : (
            <>
              now <span className="text-[0.4em] font-semibold text-ash">{clockText(-left)} ago</span>
            </>
          )}
        </p>
        <p className="font-display text-[clamp(30px,5vw,60px)] leading-none font-semibold">{dial}</p>
      </div>
      <p className="mt-2 text-[19px]">
        {clockText(elapsed)} in the fryer. {live.forecast ? windowText(live.forecast) : 'Working out the forecast …'}
      </p>
      <div className="flex flex-col">
        {live.forecast && (
          <>
            <div className="max-sm:order-3 max-sm:mt-4">
              <ColourField
                forecast={live.forecast}
                ramp={plan.food.ramp}
                stages={current.stages}
                openings={current.events}
                playhead={elapsed}
                height={120}
              />
            </div>
            <LooksNow forecast={live.forecast} plan={plan} elapsed={elapsed} />
          </>
        )}
        <CookButtons verb={action.verb} record={record} />
      </div>
    </section>
  );
}
