'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { BatchEventKind, EventDetail, RunState } from '@/core/run/run-state';
import { type HoldForecast, WARM_OVEN_C } from '@/core/forecast/hold';
import type { Batch } from '@/schemas/batch';
import type { PlanFile } from '@/schemas/plan-file';
import { batchForecast } from '@/app/_components/batch-forecast';
import { Button } from '@/ui/controls/button';
import { newId } from '@/ui/new-id';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';
import { StudyProvider } from '@/ui/study/study-context';
import { useHold } from '@/ui/study/use-hold';
import { useForecast } from '@/ui/use-forecast';
import { useUnits } from '@/ui/units-context';
import { AfterSteps } from './after-steps';
import { SafeHeart } from './safe-heart';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import { clockText, massText, percentText, temperatureText, type UnitSystem, wholeMinutes } from '@/ui/words/format';
import { pullTimeIn } from '@/core/forecast/forecast';
import { withWarmFryer } from '@/core/forecast/forecast-loads';
import { AMBIENT_TEMPERATURE } from '@/core/properties/kitchen-air';
import { celsiusFromKelvin } from '@/core/units/temperature';
import { planFromFile } from '@/schemas/plan-from-file';
import { REST_PLACES } from '@/ui/words/step-orders';
import { restOf } from '@/schemas/rest-of';
import { writePlanFile } from '@/schemas/write-plan';

/** After the drawer: rest, salt while hot, serve, and the next batch. */
export function AfterPhase(props: {
  batch: Batch;
  run: RunState;
  now: number;
  /** °C the heart must have reached, or null */
  safe: number | null;
  record: (kind: BatchEventKind, detail?: EventDetail) => void;
}) {
  return (
    <StudyProvider>
      <After {...props} />
    </StudyProvider>
  );
}

function After({ batch, run, now, safe, record }: Parameters<typeof AfterPhase>[0]) {
  const units = useUnits();
  const rest = restOf(batch.document);
  const left = rest.minutes * 60 - (now - run.doneAt!) / 1000;
  const salt = rest.salt_g;
  return (
    <section aria-label="After the drawer" className="mt-3">
      <div className="flex flex-wrap items-end justify-between gap-x-8 gap-y-1">
        <p className="font-display text-[clamp(36px,6vw,72px)] leading-none font-bold" aria-live="polite">
          {run.servedAt !== null ? 'Served' : left > 0 ? `Rest ${REST_PLACES[rest.place]}` : 'Serve now'}
        </p>
        {run.servedAt === null && (
          <p role="timer" className="font-display text-[clamp(36px,6vw,72px)] leading-none font-bold">
            {left > 0 ? clockText(left) : `${clockText(-left)} ago`}
          </p>
        )}
      </div>
      {safe !== null && (run.probed === null || run.probed < safe) && (
        <>
          <p role="alert" className="mt-2 text-[18px] font-semibold">
            Pulled before the heart was probed safe: do not serve it yet. Probe it, or put it back.
          </p>
          <SafeHeart safe={safe} probed={run.probed} probe={null} record={record} />
        </>
      )}
      <div className="mt-3 flex flex-wrap items-center gap-2.5">
        <Button
          look={run.seasoned ? 'iron' : 'light'}
          className="min-h-14 px-6 text-[18px]"
          disabled={run.seasoned}
          onClick={() => record('seasoned')}
        >
          {run.seasoned ? 'Salted' : salt > 0 ? `Salt now: ${massText(salt, units)}` : 'Salted while hot'}
        </Button>
        <Button
          look={run.servedAt === null && left <= 0 ? 'light' : 'iron'}
          className="min-h-14 px-6 text-[18px]"
          disabled={run.servedAt !== null}
          onClick={() => record('served')}
        >
          Served
        </Button>
      </div>
      <AfterSteps document={batch.document} run={run} now={now} record={record} />
      <NextBatch batch={batch} run={run} />
      <p className="mt-3 text-[14px] text-ash">{STEP_CAUTIONS.rest}</p>
    </section>
  );
}

/** The load that follows in the warm fryer: the next of those planned, or the same again under another name. */
function nextOf(document: PlanFile, pulledAt: number): PlanFile {
  const { count, current = 1 } = document.loads;
  const plan = withWarmFryer(planFromFile(document), pulledAt, 1);
  const fryer = {
    ...document.fryer,
    preheat: null,
    start_c: Math.round(celsiusFromKelvin(plan.fryerTemperature ?? AMBIENT_TEMPERATURE)),
  };
  if (current < count) return { ...document, loads: { ...document.loads, current: current + 1 }, fryer };
  const name = /\d+$/.test(document.name)
    ? document.name.replace(/\d+$/, (number) => String(Number(number) + 1))
    : `${document.name} 2`;
  return { ...document, name: name.slice(0, 120), loads: { ...document.loads, current: 1 }, fryer };
}

/** Another batch, and what becomes of this one meanwhile. */
function NextBatch({ batch, run }: { batch: Batch; run: RunState }) {
  const router = useRouter();
  const units = useUnits();
  const pulledAt = (run.doneAt! - run.loadedAt!) / 1000;
  const [again] = useState(() => nextOf(batch.document, pulledAt));
  const { count, current = 1 } = batch.document.loads;
  const isPlanned = current < count;
  const [busy, setBusy] = useState(false);
  const live = useForecast(again, false);
  const holds = useHold(batch.document, pulledAt);
  const wait = pullTimeIn(live.forecast);
  const begin = async () => {
    if (!live.forecast || busy) return;
    setBusy(true);
    const batchId = newId();
    const sent = await send('POST', '/api/batches', {
      batchId,
      fryerName: batch.fryerName,
      document: writePlanFile(again),
      forecast: batchForecast(live.forecast, live.interval),
    });
    if (sent.kind === 'done') return router.push(`/cook/${batchId}`);
    setBusy(false);
    notifyError(`The next batch could not begin. ${sent.error}`);
  };
  return (
    <div className="mt-4 border-t-2 border-iron-line pt-3 text-[17px]">
      <p>
        {wait === null
          ? `${isPlanned ? `Load ${current + 1} of ${count}` : 'A next batch of the same'}: working it out …`
          : `${isPlanned ? `Load ${current + 1} of ${count}` : 'A next batch of the same'} takes about ${wholeMinutes(wait)} min in the warm fryer.`}{' '}
        {wait !== null && holds && holdText(holds, wait, units)}
      </p>
      <Button look={isPlanned ? 'light' : 'iron'} className="mt-2" disabled={!live.forecast || busy} onClick={begin}>
        {busy ? 'Setting up …' : isPlanned ? `Begin load ${current + 1} of ${count}` : 'Begin the next batch'}
      </Button>
    </div>
  );
}

/** What is left of the bite at each place after the wait, and what a refresh brings back. */
function holdText(holds: Record<'rack' | 'warm-oven', HoldForecast>, wait: number, units: UnitSystem): string {
  const keptAt = ({ kept, interval }: HoldForecast) =>
    Math.min(1, kept[Math.min(kept.length - 1, Math.round(wait / interval))]!);
  const rack = `Meanwhile these keep ${percentText(keptAt(holds.rack))} of their bite on a rack, ${percentText(keptAt(holds['warm-oven']))} in an oven at ${temperatureText(WARM_OVEN_C, units)}`;
  return `${rack}; 4 min back in the hot fryer, all together at the end, bring ${percentText(Math.min(1, holds.rack.refreshed))} back.`;
}
