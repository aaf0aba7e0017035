'use client';

import { useRouter } from 'next/navigation';
import { useCallback, useState } from 'react';
import { batchForecast } from '@/app/_components/batch-forecast';
import { type BatchEvent, eventOfKind } from '@/core/run/batch-event';
import type { LoadTimes } from '@/editing/warm-fryer';
import type { PlanFile } from '@/schemas/plan-file';
import { writePlanFile } from '@/schemas/write-plan';
import { createLiveForecast } from '@/ui/live-forecast';
import { idUnder } from '@/ui/new-id';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';

/** A load of an evening to be cooked, or that was cooked, as a batch. */
export interface LoadToBegin {
  readonly step: string;
  readonly fryers: string;
  readonly fryerName: string;
  readonly document: PlanFile;
  /** where it is out already */
  readonly was: LoadTimes | null;
}

/** Loaded and pulled, as they were marked in the evening; with ids of their own, so that the same told twice stands once. */
function asMarked(batchId: string, { loadedAt, doneAt }: LoadTimes): BatchEvent[] {
  return [
    eventOfKind('loaded', { id: idUnder(batchId, 'loaded'), happenedAt: loadedAt }),
    ...(doneAt === null ? [] : [eventOfKind('done', { id: idUnder(batchId, 'done'), happenedAt: doneAt })]),
  ];
}

/** Begins a load of the evening as a batch and goes to it; the same load is one batch, however often and on whichever device it is begun. */
export function useBeginLoad(eveningId: string) {
  const router = useRouter();
  const [beginning, setBeginning] = useState(false);
  const begin = useCallback(
    async ({ step, fryers, fryerName, document, was }: LoadToBegin) => {
      setBeginning(true);
      const live = createLiveForecast(false);
      const { forecast } = await live.answerAbout(document);
      live.end();
      if (!forecast) {
        setBeginning(false);
        notifyError('The load could not begin: it has no forecast. Mark it by hand, or reload the page and try again.');
        return;
      }
      const batchId = idUnder(eveningId, step);
      const sent = await send('POST', '/api/batches', {
        batchId,
        fryerName,
        document: writePlanFile(document),
        forecast: batchForecast(forecast, null),
        /* the order of the evening says what else is in the fryer */
        beside: true,
        evening: { eveningId, step, fryers },
      });
      const told =
        sent.kind === 'done' && was
          ? await send('POST', `/api/batches/${batchId}/events`, { events: asMarked(batchId, was) })
          : sent;
      if (told.kind === 'done') return router.push(`/cook/${batchId}`);
      setBeginning(false);
      notifyError(`The load could not begin. ${told.error}`);
    },
    [eveningId, router],
  );
  return { begin, beginning };
}
