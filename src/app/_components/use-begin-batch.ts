'use client';

import { useRouter } from 'next/navigation';
import { useCallback, useRef, useState } from 'react';
import type { PlanFile } from '@/schemas/plan-file';
import { writePlanFile } from '@/schemas/write-plan';
import type { LiveForecastStore } from '@/ui/live-forecast';
import { newId } from '@/ui/new-id';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';
import { batchForecast } from './batch-forecast';
import type { Busy } from './busy-fryer';

/** Begins a batch of the plan as it stands and goes there; asks first where another one cooks in the same fryer. */
export function useBeginBatch(live: LiveForecastStore, fryerName: string) {
  const router = useRouter();
  const [beginning, setBeginning] = useState(false);
  const [busy, setBusy] = useState<Busy | null>(null);
  const under = useRef(false);
  const begin = useCallback(
    async (settled: PlanFile | Promise<PlanFile>, beside = false) => {
      if (under.current) return;
      under.current = true;
      setBeginning(true);
      setBusy(null);
      const stop = () => {
        under.current = false;
        setBeginning(false);
      };
      const document = await settled;
      /* what is cooked and what is forecast are one plan, although a lever may just have been let go */
      const { forecast, interval, failed } = await live.answerAbout(document);
      if (failed || !forecast) {
        stop();
        notifyError('The batch could not begin: it has no forecast. Reload the page and try again.');
        return;
      }
      const batchId = newId();
      const sent = await send('POST', '/api/batches', {
        batchId,
        fryerName,
        document: writePlanFile(document),
        forecast: batchForecast(forecast, interval),
        beside,
      });
      if (sent.kind === 'done') return router.push(`/cook/${batchId}`);
      stop();
      /* the parser is loaded only where it is needed */
      const found = sent.kind === 'refused' ? (await import('./busy-fryer')).readBusy(sent.answer) : null;
      if (found) setBusy(found);
      else notifyError(`The batch could not begin. ${sent.error}`);
    },
    [live, fryerName, router],
  );
  const leaveIt = useCallback(() => setBusy(null), []);
  return { begin, beginning, busy, leaveIt };
}
