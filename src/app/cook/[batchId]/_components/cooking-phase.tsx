'use client';

import { useCallback, useEffect, useMemo, useRef } from 'react';
import { safeHeart } from '@/core/run/safe-heart';
import { nextAction } from '@/core/run/next-action';
import type { RecordEvent } from '@/core/run/batch-event';
import { openingsToCome, type RunState } from '@/core/run/run-state';
import { medianBrowning, medianCrispness, sampleAt } from '@/core/batch/record-statistics';
import type { Forecast } from '@/core/forecast/forecast';
import { AS_EXPECTED } from '@/core/forecast/unknowns';
import { cookDuration, dialTemperature, isMixing, type Plan } from '@/core/plan/plan';
import { celsiusFromKelvin } from '@/core/units/temperature';
import type { Batch } from '@/schemas/batch';
import { storedPull } from '@/app/_components/batch-forecast';
import { planFromFile } from '@/schemas/plan-from-file';
import { AlertButtons } from '@/ui/alert-buttons';
import { ColourField } from '@/ui/field/colour-field';
import { EmptyField } from '@/ui/field/empty-field';
import { asLoaded } from '@/core/plan/cut-as-loaded';
import { fieldParts } from '@/ui/field/field-parts';
import { StudyProvider } from '@/ui/study/study-context';
import { VERBS } from '@/ui/words/verbs';
import { storedMoment } from '../../_components/stored-moment';
import { questionOf } from '@/ui/live-forecast';
import { noteRun } from '@/ui/run-board';
import { useUnits } from '@/ui/units-context';
import { useTabCountdown } from '@/ui/tab-title';
import { useCorrection } from '@/ui/use-correction';
import { useForecast } from '@/ui/use-forecast';
import { useNarrow } from '@/ui/use-narrow';
import { clockText, temperatureText } from '@/ui/words/format';
import { ACTION_CAUTIONS, LINER_CAUTION, STEP_CAUTIONS } from '@/ui/words/cautions';
import { windowText } from '@/ui/words/forecast-text';
import { openingText } from '@/ui/words/opening-text';
import type { Devices } from '@/ui/devices/use-devices';
import { Answers } from './answers';
import { biteWords } from './bite-words';
import { CookButtons } from './cook-buttons';
import { DrawerNow } from './drawer-now';
import { DueAction } from './due-action';
import { effectivePlan, planAsOf, PLANNING_STEP } from './effective-plan';
import { Judging, judgedAs } from './judging';
import { Learnt } from './learnt';
import { LoadsClock } from './loads-clock';
import { LookAnswers } from './look-answers';
import { NextBatch } from './next-batch';
import { nextIsBeside } from './next-load';
import { SafeHeart } from './safe-heart';
import { useAlerts } from '@/ui/use-alerts';
import { useSettled } from './use-settled';
import { type EveningOfBatch, useTellDue } from './use-tell-due';
import { outerRamp } from '@/core/plan/outer-ramp';

/** Height of the colour field, px, and the same in classes. */
const FIELD_HEIGHT = { narrow: 28, wide: 96, classes: 'h-[28px] md:h-[96px]' };

/** Typical browning and crispness at a moment of a forecast. */
function typicalAt({ record }: Forecast, time: number): { browning: number; crispness: number } {
  const sample = sampleAt(record, time);
  return { browning: medianBrowning(record, sample), crispness: medianCrispness(record, sample) };
}

/** The run: one verb, one countdown, one temperature; the field with its playhead; what it should look like. */
export function CookingPhase({
  batch,
  evening,
  plan,
  run,
  now,
  devices,
  usesDevices,
  record,
}: {
  batch: Batch;
  /** the evening that is told when its load is to come out; null where there is none */
  evening: EveningOfBatch | null;
  plan: Plan;
  run: RunState;
  now: number;
  devices: Devices;
  usesDevices: boolean;
  record: RecordEvent;
}) {
  const units = useUnits();
  const narrow = useNarrow();
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
  const question = useMemo(() => questionOf(document, learnt), [document, learnt]);
  const {
    forecast,
    pull: pullAfter,
    correction: settled,
  } = useSettled(live, storedPull(batch.forecast), correction, question);
  const current = useMemo(() => asLoaded(planFromFile(document)), [document]);
  const parts = useMemo(() => fieldParts(current), [current]);
  const safe = safeHeart(plan);
  const toCome = openingsToCome(plan.events, run.openings, elapsed);
  const action = nextAction(
    forecast ?? storedMoment(batch.forecast, cookDuration(current)),
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

  const pullAt = pullAfter === null ? null : run.loadedAt! + pullAfter * 1000;
  useTellDue(evening, run, pullAt === null ? null : pullAt + run.extraMinutes * 60_000);
  /* a pull is kept with the moment that was called, so that one by the cook's own eye can be told from one that followed */
  const recordDeed = useCallback<RecordEvent>(
    (kind, ...told) => {
      if (kind === 'done' && pullAfter !== null) record('done', { called: Math.round(pullAfter) });
      else record(kind, ...told);
    },
    [record, pullAfter],
  );
  const alerts = useAlerts(VERBS[action.verb], left);
  const typical = forecast && typicalAt(forecast, elapsed);

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

  useTabCountdown(VERBS[action.verb], left);

  const sample = forecast ? sampleAt(forecast.record, elapsed) : 0;
  return (
    <section
      aria-label="The run"
      className="grid gap-x-6 gap-y-2 lg:grid-cols-[minmax(0,440px)_minmax(0,1fr)] lg:grid-rows-[auto_1fr_auto]"
    >
      <div className="lg:col-start-2 lg:row-start-1">
        <DueAction
          verb={VERBS[action.verb]}
          left={left}
          dial={dial}
          detail={detail}
          caution={
            <>
              {ACTION_CAUTIONS[action.verb]} {plan.fryer.liner && LINER_CAUTION}
            </>
          }
          pull={
            pullAt !== null && action.verb !== 'pull' && pullAfter! > elapsed
              ? { left: pullAfter! - elapsed, at: pullAt }
              : null
          }
        >
          <div className="flex flex-wrap items-center gap-x-3">
            <p className="grow text-[17px]">{clockText(elapsed)} in the fryer.</p>
            <AlertButtons alerts={alerts} />
          </div>
        </DueAction>
      </div>
      {/* what arrives must move nothing from under a finger: all of it has its room from the beginning */}
      <div className="lg:col-start-1 lg:row-span-2 lg:row-start-1">
        <DrawerNow plan={current} forecast={forecast} sample={sample} />
        <p className="mt-1 flex flex-wrap justify-between gap-x-4 text-[14px] sm:text-[16px]">
          {typical ? (
            <>
              <strong>It should look like this now</strong>
              <span className="text-ash">{biteWords(typical.crispness, plan.target.crispness)}</span>
            </>
          ) : (
            <span className="text-ash">
              {live.failed
                ? 'How it should look could not be worked out; trying again'
                : 'Working out how it should look'}{' '}
              …
            </span>
          )}
        </p>
      </div>
      <div className="min-w-0 lg:col-start-2 lg:row-span-2 lg:row-start-2 lg:self-end">
        {forecast ? (
          <ColourField
            forecast={forecast}
            parts={parts}
            stages={current.stages}
            openings={current.events}
            playhead={elapsed}
            height={narrow ? FIELD_HEIGHT.narrow : FIELD_HEIGHT.wide}
            withShare={false}
            withCaption={false}
          />
        ) : (
          <EmptyField field={`bg-iron-raised ${FIELD_HEIGHT.classes}`} />
        )}
        {/* once something was told, what that changed takes its place */}
        {(run.observations.length === 0 || !settled?.taken || !forecast) && (
          <p className="mt-1 text-[17px] max-sm:hidden">
            {forecast ? windowText(forecast) : 'Working out the forecast …'}
          </p>
        )}
        {!evening && <LoadsClock document={batch.document} pullAt={pullAt} isOut={false} />}
        <Learnt
          told={run.observations.length}
          correction={settled}
          pull={pullAfter}
          dial={dialTemperature(current.stages, elapsed)}
          record={record}
        />
      </div>
      <div className="lg:col-start-1 lg:row-start-3">
        <LookAnswers
          plan={current}
          cook={forecast?.record ?? null}
          sample={sample}
          shown={typical?.browning ?? null}
          record={record}
        />
      </div>
      <div className="lg:col-span-2">
        {safe !== null && (
          <SafeHeart
            safe={safe}
            probed={run.probed}
            probe={usesDevices ? (devices.states?.probe ?? null) : null}
            record={record}
          />
        )}
        <CookButtons verb={action.verb} record={recordDeed} />
        <Answers
          ramp={outerRamp(plan)}
          said={typical?.crispness ?? null}
          heaviestG={forecast && Math.max(...forecast.record.weight) * 1000}
          record={record}
        />
        <Judging
          plan={current}
          cook={forecast?.record ?? null}
          now={typical && judgedAs(typical.crispness, typical.browning, plan)}
        />
        {pullAt !== null && !evening && nextIsBeside(batch.document) && (
          <StudyProvider>
            <NextBatch batch={batch} times={{ loadedAt: run.loadedAt!, doneAt: null, dueAt: pullAt }} />
          </StudyProvider>
        )}
        <p className="mt-3 text-[14px] text-ash">{STEP_CAUTIONS.cook}</p>
      </div>
    </section>
  );
}
