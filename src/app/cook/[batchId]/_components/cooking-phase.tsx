'use client';

import { useEffect, useMemo, useRef } from 'react';
import { safeHeart } from '@/core/run/safe-heart';
import { nextAction } from '@/core/run/next-action';
import type { RecordEvent } from '@/core/run/batch-event';
import { openingsToCome, type RunState } from '@/core/run/run-state';
import { medianBrowning, medianCrispness, sampleAt } from '@/core/batch/record-statistics';
import { type Forecast, pullTimeIn } from '@/core/forecast/forecast';
import { AS_EXPECTED } from '@/core/forecast/unknowns';
import { cookDuration, dialTemperature, isMixing, type Plan } from '@/core/plan/plan';
import { celsiusFromKelvin } from '@/core/units/temperature';
import type { Batch } from '@/schemas/batch';
import { storedPull } from '@/app/_components/batch-forecast';
import { planFromFile } from '@/schemas/plan-from-file';
import { Button } from '@/ui/controls/button';
import { Basket } from '@/ui/basket/basket';
import { ColourField } from '@/ui/field/colour-field';
import { asLoaded } from '@/core/plan/cut-as-loaded';
import { fieldParts } from '@/ui/field/field-parts';
import { StudyProvider } from '@/ui/study/study-context';
import { VERBS } from '@/ui/words/verbs';
import { storedMoment } from '../../_components/stored-moment';
import { noteRun } from '@/ui/run-board';
import { useUnits } from '@/ui/units-context';
import { useCorrection } from '@/ui/use-correction';
import { useForecast } from '@/ui/use-forecast';
import { clockText, temperatureText } from '@/ui/words/format';
import { ACTION_CAUTIONS, LINER_CAUTION, STEP_CAUTIONS } from '@/ui/words/cautions';
import { windowText } from '@/ui/words/forecast-text';
import { openingText } from '@/ui/words/opening-text';
import type { Devices } from '@/ui/devices/use-devices';
import { Answers } from './answers';
import { CookButtons } from './cook-buttons';
import { effectivePlan, planAsOf, PLANNING_STEP } from './effective-plan';
import { Judging, judgedAs } from './judging';
import { Learnt } from './learnt';
import { LoadsClock } from './loads-clock';
import { NextBatch } from './next-batch';
import { nextIsBeside } from './next-load';
import { LooksNow } from './looks-now';
import { SafeHeart } from './safe-heart';
import { useAlerts } from './use-alerts';
import { outerRamp } from '@/core/plan/outer-ramp';

/** Typical browning and crispness at a moment of a forecast. */
function typicalAt({ record }: Forecast, time: number): { browning: number; crispness: number } {
  const sample = sampleAt(record, time);
  return { browning: medianBrowning(record, sample), crispness: medianCrispness(record, sample) };
}

/** The run: one verb, one countdown, one temperature; the field with its playhead; what it should look like. */
export function CookingPhase({
  batch,
  plan,
  run,
  now,
  devices,
  usesDevices,
  record,
}: {
  batch: Batch;
  plan: Plan;
  run: RunState;
  now: number;
  devices: Devices;
  usesDevices: boolean;
  record: RecordEvent;
}) {
  const units = useUnits();
  const elapsed = Math.max(0, (now - run.loadedAt!) / 1000);
  const planningTime = Math.floor(elapsed / PLANNING_STEP) * PLANNING_STEP;
  const document = useMemo(() => effectivePlan(batch.document, run, planningTime), [batch.document, run, planningTime]);
  const plannedPull = batch.forecast.done_min === null ? null : batch.forecast.done_min * 60;
  const then = useMemo(
    () => run.observations.map(({ time }) => planAsOf(batch.document, run, time)),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what was is changed by what is told, not by the clock
    [batch.document, run.observations],
  );
  const correction = useCorrection(document, run.observations, elapsed, plannedPull, then);
  const learnt = correction && correction.taken > 0 ? correction.unknowns : AS_EXPECTED;
  const live = useForecast(document, false, learnt);
  const current = useMemo(() => asLoaded(planFromFile(document)), [document]);
  const parts = useMemo(() => fieldParts(current), [current]);
  const safe = safeHeart(plan);
  const toCome = openingsToCome(plan.events, run.openings, elapsed);
  const action = nextAction(
    live.forecast ?? storedMoment(batch.forecast, cookDuration(current)),
    toCome,
    run.extraMinutes * 60,
    elapsed,
    safe !== null && (run.probed === null || run.probed < safe),
  );
  const planned = batch.document.cook.events.find(
    (event) => event.action === action.verb && Math.abs(event.minute * 60 - action.at) < 1,
  );
  /* only what carries something says more than its verb */
  const detail = planned && !isMixing(planned.action) ? openingText(planned, batch.document, units) : null;
  const left = Math.round(action.at) - elapsed;
  const dial = temperatureText(celsiusFromKelvin(dialTemperature(current.stages, elapsed)), units);

  const pullAfter = live.forecast ? pullTimeIn(live.forecast) : storedPull(batch.forecast);
  const pullAt = pullAfter === null ? null : run.loadedAt! + pullAfter * 1000;
  const alerts = useAlerts(VERBS[action.verb], left);
  const typical = live.forecast && typicalAt(live.forecast, elapsed);

  const { speed } = run.clock;
  const elapsedNow = useRef(elapsed);
  useEffect(() => void (elapsedNow.current = elapsed), [elapsed]);
  const { id } = batch;
  const { name } = batch.document;
  useEffect(() => {
    /* by this device's own clock, whatever the run's shows */
    const dueAt = Date.now() + (action.at - elapsedNow.current) * (1000 / speed);
    noteRun({ batchId: id, name, verb: VERBS[action.verb], dueAt, speed });
  }, [id, name, action.verb, action.at, speed]);

  useEffect(() => {
    const before = window.document.title;
    window.document.title = `${VERBS[action.verb]} ${left > 0 ? `in ${clockText(left)}` : 'now'} · Drubek`;
    return () => {
      window.document.title = before;
    };
  }, [action.verb, left]);

  return (
    <section aria-label="The run" className="mt-2">
      <p className="-mt-2 flex justify-end gap-2">
        <Button look="quiet" className="!px-0 !text-rim-light" aria-pressed={alerts.on} onClick={alerts.toggle}>
          {alerts.on ? 'Sound is on' : 'Turn sound on'}
        </Button>
        {alerts.on && (
          <Button look="quiet" className="!text-rim-light" aria-pressed={alerts.spoken} onClick={alerts.toggleSpeech}>
            {alerts.spoken ? 'Speech is on' : 'Speak it too'}
          </Button>
        )}
      </p>
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
      {detail && <p className="mt-1 font-display text-[clamp(22px,3vw,34px)] leading-tight font-semibold">{detail}</p>}
      <p className="mt-2 text-[19px]">
        {clockText(elapsed)} in the fryer. {live.forecast ? windowText(live.forecast) : 'Working out the forecast …'}
      </p>
      <LoadsClock document={batch.document} pullAt={pullAt} isOut={false} />
      <Learnt
        correction={correction}
        pull={pullAfter}
        dial={dialTemperature(current.stages, elapsed)}
        record={record}
      />
      <div className="flex flex-col">
        {!live.forecast && <CookButtons verb={action.verb} record={record} />}
        {live.forecast && (
          <>
            <div className="gap-x-6 max-sm:order-3 max-sm:mt-4 lg:grid lg:grid-cols-[270px_minmax(0,1fr)]">
              <Basket
                plan={current}
                record={live.forecast.record}
                sample={sampleAt(live.forecast.record, elapsed)}
                label="The basket as it should look now, with its palest and its darkest piece"
                ringed
                className="mx-auto w-full max-w-[270px]"
              />
              <div className="min-w-0">
                <ColourField
                  forecast={live.forecast}
                  parts={parts}
                  stages={current.stages}
                  openings={current.events}
                  playhead={elapsed}
                  height={96}
                />
                <LooksNow forecast={live.forecast} plan={plan} elapsed={elapsed} />
              </div>
            </div>
            {safe !== null && (
              <SafeHeart
                safe={safe}
                probed={run.probed}
                probe={usesDevices ? (devices.states?.probe ?? null) : null}
                record={record}
              />
            )}
            <CookButtons verb={action.verb} record={record} />
            <p className="mt-2 text-[16px]">
              {ACTION_CAUTIONS[action.verb]} {plan.fryer.liner && LINER_CAUTION}
            </p>
            <Answers
              ramp={outerRamp(plan)}
              shown={typical!.browning}
              said={typical!.crispness}
              heaviestG={Math.max(...live.forecast.record.weight) * 1000}
              record={record}
            />
            <Judging plan={plan} now={judgedAs(typical!.crispness, typical!.browning, plan)} />
          </>
        )}
      </div>
      {pullAt !== null && nextIsBeside(batch.document) && (
        <StudyProvider>
          <NextBatch batch={batch} times={{ loadedAt: run.loadedAt!, doneAt: null, dueAt: pullAt }} />
        </StudyProvider>
      )}
      <p className="mt-3 text-[14px] text-ash">{STEP_CAUTIONS.cook}</p>
    </section>
  );
}
