'use client';

import { ChevronLeft } from 'lucide-react';
import Link from 'next/link';
import { useCallback, useEffect, useMemo, useSyncExternalStore } from 'react';
import { prepTasks } from '@/core/prep/prep-tasks';
import type { PassedOver, RunState } from '@/core/run/run-state';
import { safeHeart } from '@/core/run/safe-heart';
import { REAL_TIME, shownAt } from '@/core/run/shown-clock';
import { browningSeen } from '@/core/run/suggest-outcome';
import { asLoaded } from '@/core/plan/cut-as-loaded';
import { dialTemperature, type Plan, type Stage } from '@/core/plan/plan';
import { celsiusFromKelvin } from '@/core/units/temperature';
import { asCooked } from '@/editing/as-cooked';
import type { Batch } from '@/schemas/batch';
import { planFromFile } from '@/schemas/plan-from-file';
import { Button } from '@/ui/controls/button';
import { OutcomeForm } from '@/app/_components/outcome-form';
import { useDevices } from '@/ui/devices/use-devices';
import { JOINED } from '@/ui/joined-device';
import { clearRun } from '@/ui/run-board';
import { useNow } from '@/ui/use-now';
import { loadBefore } from '@/ui/words/drawer-word';
import { EVENT_WORDS } from '@/ui/words/labels';
import { AfterPhase } from './after-phase';
import { CookingPhase } from './cooking-phase';
import { DeviceStrip } from './device-strip';
import { effectivePlan } from './effective-plan';
import type { EveningOfBatch } from './use-tell-due';
import { PrepPhase } from './prep-phase';
import { SecondDevice } from './second-device';
import { useBatchEvents } from './use-batch-events';
import { useDeviceHelp } from './use-device-help';
import { outerRamp } from '@/core/plan/outer-ramp';

/** Words for the last thing recorded, so that a mis-tap can be taken back. */
function undoWords(kind: string): string {
  return kind === 'loaded' ? 'Take back: loaded' : kind === 'done' ? 'Take back: pulled' : 'Take back the last tap';
}

const RULES: Record<PassedOver['rule'], string> = {
  'recorded-twice': 'was recorded twice; it counts once',
  'after-the-end': 'was recorded after the pull; it does not count',
};

/** K the dial should be at: the preheat once begun, then the stages as turned; null for off. */
function dialNow(plan: Plan, stages: readonly Stage[], run: RunState, elapsed: number): number | null {
  if (run.phase === 'done') return null;
  if (run.phase === 'cooking') return dialTemperature(stages, elapsed);
  const preheat = prepTasks(plan).findIndex((task) => task.kind === 'preheat');
  return plan.preheat && run.prepBegun.has(preheat) ? plan.preheat.temperature : null;
}

const NEVER = () => () => undefined;

/** One batch beside the fryer: prep, the run, and what came of it. */
export function CookRun({
  batch,
  evening = null,
  openedAt,
}: {
  batch: Batch;
  /** the evening whose load it is */
  evening?: EveningOfBatch | null;
  openedAt: number;
}) {
  const { run, record, recordAt, unsent, forget, sendAgain, gone, clockOffset } = useBatchEvents(batch, openedAt);
  const now = shownAt(run.clock, useNow(openedAt, (run.doneAt ?? run.loadedAt ?? 0) - clockOffset) + clockOffset);
  const plan = useMemo(() => asLoaded(planFromFile(batch.document)), [batch.document]);
  const follows = useSyncExternalStore(
    NEVER,
    () => localStorage.getItem(JOINED) === batch.id,
    () => false,
  );
  const { clock } = run;
  const shownNow = useCallback(() => shownAt(clock, Date.now() + clockOffset), [clock, clockOffset]);
  const rehearsed = clock !== REAL_TIME;
  const devices = useDevices(shownNow, run.phase === 'cooking', rehearsed);
  /* stand-ins know nothing of a real cook */
  const used = devices.answer === true && (devices.faults === null || rehearsed);
  const elapsed = run.loadedAt === null ? 0 : Math.max(0, (now - run.loadedAt) / 1000);
  const stages = useMemo(() => planFromFile(effectivePlan(batch.document, run, 0)).stages, [batch.document, run]);
  const dial = dialNow(plan, stages, run, elapsed);
  const tell = useDeviceHelp(
    devices,
    used && !follows,
    run,
    dial === null ? null : Math.round(celsiusFromKelvin(dial)),
    batch.document,
    outerRamp(plan),
    record,
    recordAt,
  );
  const rehearse = useCallback(
    (speed: number) => record('rehearsed', { speed, real: Math.round(Date.now() + clockOffset) }),
    [record, clockOffset],
  );
  const isOver = run.phase !== 'cooking';
  useEffect(() => {
    if (isOver) clearRun(batch.id);
  }, [isOver, batch.id]);
  const [passedOver] = run.passedOver.slice(-1);
  return (
    <div>
      <div className="flex items-center justify-between gap-x-4">
        <h1 className="min-w-0 truncate text-[18px] sm:text-[20px]">
          {batch.document.name}{' '}
          <span className="font-text text-[15px] font-normal text-ash">
            {loadBefore(batch.document)}in {batch.fryerName}
          </span>
        </h1>
        {evening && !follows && (
          <Link
            href={`/evenings/${evening.id}`}
            aria-label="Back to the evening"
            className="flex min-h-11 shrink-0 items-center text-[15px] font-semibold text-rim-light underline-offset-4 hover:underline"
          >
            <ChevronLeft size={18} aria-hidden />
            <span className="max-sm:sr-only">Back to the </span>
            <span className="max-sm:capitalize">evening</span>
          </Link>
        )}
        <div className="flex max-w-[60%] shrink-0 flex-wrap items-center justify-end gap-x-3">
          {unsent.count > 0 && (
            <span role="status" className="text-[15px]">
              {unsent.lasts
                ? `${unsent.count} kept on this device, to be sent when the server is back`
                : `${unsent.count} not sent yet, and this browser keeps nothing: leave the page open`}
            </span>
          )}
          {unsent.refused.length > 0 && (
            <span role="alert" className="text-[15px]">
              {`${EVENT_WORDS[unsent.refused[0]!.event.kind]} was refused by the server: ${unsent.refused[0]!.why.replace(/\.$/, '')}.`}
              <Button
                look="quiet"
                className="!text-rim-light"
                onClick={() => void sendAgain(unsent.refused.map(({ event }) => event.id))}
              >
                Send again
              </Button>
              <Button
                look="quiet"
                className="!text-rim-light"
                onClick={() => void forget(unsent.refused.map(({ event }) => event.id))}
              >
                {unsent.refused.length > 1 ? `Leave out these ${unsent.refused.length}` : 'Leave it out'}
              </Button>
            </span>
          )}
          {batch.unreadable > 0 && (
            <span role="status" className="text-[15px]">
              {batch.unreadable} of what was told is in a form that this version cannot read (unreadable); it is kept.
            </span>
          )}
          {gone && (
            <span role="alert" className="text-[15px]">
              {gone}
            </span>
          )}
          {passedOver && (
            <span role="status" className="text-[15px] text-ash">
              {EVENT_WORDS[passedOver.event.kind]} {RULES[passedOver.rule]}.
            </span>
          )}
          {run.last && (
            <Button
              look="quiet"
              className="!px-0 !text-rim-light"
              onClick={() => record('undone', { event: run.last!.id })}
            >
              {undoWords(run.last.kind)}
            </Button>
          )}
        </div>
      </div>
      {run.phase === 'prep' && (
        <PrepPhase
          document={batch.document}
          forecast={batch.forecast}
          isMadeReady={evening !== null}
          run={run}
          now={now}
          record={tell}
        />
      )}
      {run.phase === 'cooking' && (
        <CookingPhase
          batch={batch}
          evening={follows ? null : evening}
          plan={plan}
          run={run}
          now={now}
          devices={devices}
          usesDevices={used}
          record={tell}
        />
      )}
      {run.phase === 'done' && (
        <>
          <AfterPhase
            batch={batch}
            isOfEvening={evening !== null}
            run={run}
            now={now}
            safe={safeHeart(plan)}
            record={tell}
          />
          {/* what came of it is said in the kitchen itself, not on a device that only follows */}
          {!follows && (
            <div className="mt-4 tray p-5 text-iron">
              <OutcomeForm
                batchId={batch.id}
                cooked={{ document: asCooked(batch.document, run), pulledAfter: (run.doneAt! - run.loadedAt!) / 1000 }}
                ramp={outerRamp(plan)}
                wished={plan.target}
                seen={browningSeen(run)}
                stuck={run.stuck}
              />
            </div>
          )}
        </>
      )}
      {run.phase !== 'done' && <SecondDevice batchId={batch.id} />}
      {/* last, since it comes when the devices have answered */}
      <DeviceStrip
        devices={devices}
        used={used}
        mayBegin={run.phase === 'prep'}
        clock={run.clock}
        rehearse={follows ? null : rehearse}
      />
    </div>
  );
}
