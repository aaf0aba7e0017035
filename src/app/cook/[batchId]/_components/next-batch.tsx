'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { type HoldForecast, WARM_OVEN_C } from '@/core/forecast/hold';
import { wantsBite } from '@/core/food/wish';
import { celsiusFromKelvin, kelvinFromCelsius } from '@/core/units/temperature';
import { pullTimeIn } from '@/core/forecast/pull-time-in';
import { batchForecast } from '@/app/_components/batch-forecast';
import type { Batch } from '@/schemas/batch';
import { writePlanFile } from '@/schemas/write-plan';
import { Button } from '@/ui/controls/button';
import { KeptRoom } from '@/ui/kept-room';
import { idUnder, newId } from '@/ui/new-id';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';
import { useHold } from '@/ui/study/use-hold';
import { useWholeForecast } from '@/ui/use-forecast';
import { useUnits } from '@/ui/units-context';
import { percentText, temperatureText, type UnitSystem, wholeMinutes } from '@/ui/words/format';
import type { LoadTimes } from '@/editing/warm-fryer';
import { hasNext, nextIsBeside, nextOf } from './next-load';

/** Figures as wide as any, to keep room for those that are still worked out: s, and degrees and shares of three digits. */
const LONGEST_WAIT = 88 * 60;
const LONGEST_HOLD = {
  interval: 1,
  kept: [1],
  hearts: [kelvinFromCelsius(100)],
  refreshed: 1,
  heartRefreshed: kelvinFromCelsius(100),
};
const LONGEST_HOLDS = { rack: LONGEST_HOLD, 'warm-oven': LONGEST_HOLD };

/** Another batch: the next load of those planned, or the same again; and what becomes of this one meanwhile. Needs the study worker. */
export function NextBatch({ batch, times }: { batch: Batch; times: LoadTimes }) {
  const router = useRouter();
  const units = useUnits();
  const [again] = useState(() => nextOf(batch.document, times));
  const { count, current = 1 } = batch.document.loads;
  const isPlanned = hasNext(batch.document);
  const [busy, setBusy] = useState(false);
  const live = useWholeForecast(again);
  const holds = useHold(batch.document, ((times.doneAt ?? times.dueAt) - times.loadedAt) / 1000);
  const wait = pullTimeIn(live.forecast);
  const name = isPlanned ? `Load ${current + 1} of ${count}` : 'A next batch of the same';
  const where = nextIsBeside(batch.document) ? 'in the other drawer' : 'in the warm fryer';
  const takes = (seconds: number) => `${name} takes about ${wholeMinutes(seconds)} min ${where}.`;
  const bite = wantsBite(batch.document.target);
  const begin = async () => {
    if (!live.forecast || busy) return;
    setBusy(true);
    /* a load is begun once, however often and on whichever device it is asked for */
    const batchId = isPlanned ? idUnder(batch.id, `load ${current + 1}`) : newId();
    const sent = await send('POST', '/api/batches', {
      batchId,
      fryerName: batch.fryerName,
      document: writePlanFile(again),
      forecast: batchForecast(live.forecast, live.interval),
      /* it is asked for beside the run that it follows */
      beside: true,
    });
    if (sent.kind === 'done') return router.push(`/cook/${batchId}`);
    setBusy(false);
    notifyError(`The next batch could not begin. ${sent.error}`);
  };
  return (
    <div className="mt-4 border-t-2 border-iron-line pt-3 text-[17px]">
      <KeptRoom
        longest={`${takes(LONGEST_WAIT)} ${times.doneAt === null ? '' : holdText(LONGEST_HOLDS, LONGEST_WAIT, bite, units)}`}
      >
        {wait === null ? `${name}: working it out …` : takes(wait)}{' '}
        {wait !== null && times.doneAt !== null && holds && holdText(holds, wait, bite, units)}
      </KeptRoom>
      <Button look={isPlanned ? 'light' : 'iron'} className="mt-2" disabled={!live.forecast || busy} onClick={begin}>
        {busy ? 'Setting up …' : isPlanned ? `Begin load ${current + 1} of ${count}` : 'Begin the next batch'}
      </Button>
    </div>
  );
}

type ShownHold = Pick<HoldForecast, 'interval' | 'kept' | 'hearts' | 'refreshed' | 'heartRefreshed'>;

/** What is left of the bite at each place after the wait, or of the warmth where no bite is wished for, and what a refresh brings back. */
function holdText(
  holds: Record<'rack' | 'warm-oven', ShownHold>,
  wait: number,
  bite: boolean,
  units: UnitSystem,
): string {
  const degrees = (kelvin: number) => temperatureText(Math.round(celsiusFromKelvin(kelvin)), units);
  if (!bite) {
    const heart = ({ hearts, interval }: ShownHold) =>
      degrees(hearts[Math.min(hearts.length - 1, Math.round(wait / interval))]!);
    return `Meanwhile these are down to ${heart(holds.rack)} inside on a rack, ${heart(holds['warm-oven'])} in an oven at ${temperatureText(WARM_OVEN_C, units)}; 4 min back in the hot fryer warm them to ${degrees(holds.rack.heartRefreshed)}.`;
  }
  const keptAt = ({ kept, interval }: ShownHold) =>
    Math.min(1, kept[Math.min(kept.length - 1, Math.round(wait / interval))]!);
  const rack = `Meanwhile these keep ${percentText(keptAt(holds.rack))} of their bite on a rack, ${percentText(keptAt(holds['warm-oven']))} in an oven at ${temperatureText(WARM_OVEN_C, units)}`;
  return `${rack}; 4 min back in the hot fryer, all together at the end, bring ${percentText(Math.min(1, holds.rack.refreshed))} back.`;
}
