'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { BatchEvent, BatchEventKind } from '@/core/cook/run-state';
import { send } from '@/ui/send';
import { forgetEvents, keepEvent, waitingEvents } from './event-queue';

/** How often what waits is sent again, ms. */
const SEND_AGAIN = 3000;

/** Events of a batch: what the server knows and what this device still keeps for it. */
export function useBatchEvents(batchId: string, stored: readonly BatchEvent[]) {
  const [events, setEvents] = useState(stored);
  const [waiting, setWaiting] = useState(0);
  const [refused, setRefused] = useState<string | null>(null);
  const sending = useRef(false);

  const flush = useCallback(async () => {
    const pending = waitingEvents(localStorage, batchId);
    setWaiting(pending.length);
    if (pending.length === 0 || sending.current) return;
    sending.current = true;
    const sent = await send('POST', `/api/batches/${batchId}/events`, { events: pending });
    sending.current = false;
    if (sent.kind === 'done') {
      forgetEvents(
        localStorage,
        batchId,
        pending.map((event) => event.id),
      );
      setWaiting(waitingEvents(localStorage, batchId).length);
    } else setRefused(sent.kind === 'refused' ? sent.error : null);
  }, [batchId]);

  useEffect(() => {
    /* what an earlier page left behind belongs to the run as well */
    const left = waitingEvents(localStorage, batchId);
    // eslint-disable-next-line react-hooks/set-state-in-effect -- localStorage can only be read after hydration
    if (left.length > 0) setEvents((known) => [...known, ...left]);
    void flush();
    const timer = setInterval(flush, SEND_AGAIN);
    return () => clearInterval(timer);
  }, [batchId, flush]);

  const record = useCallback(
    (kind: BatchEventKind, detail: BatchEvent['detail'] = {}) => {
      const event: BatchEvent = { id: crypto.randomUUID(), kind, happenedAt: Date.now(), detail };
      keepEvent(localStorage, batchId, event);
      setEvents((known) => [...known, event]);
      void flush();
    },
    [batchId, flush],
  );

  return { events, record, waiting, refused };
}
