'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { JOINED } from '@/ui/joined-device';
import type { BatchEvent, BatchEventKind } from '@/core/cook/run-state';
import { newId } from '@/ui/new-id';
import { send } from '@/ui/send';
import { forgetEvents, keepEvent, waitingEvents } from './event-queue';

/** How often what waits is sent again, ms. */
const SEND_AGAIN = 3000;

/** A clock this far off is put right, ms; less is the way of the message. */
const SKEW = 2000;

/** Events of a batch: what the server knows and what this device still keeps for it. */
export function useBatchEvents(batchId: string, stored: readonly BatchEvent[]) {
  const [events, setEvents] = useState(stored);
  const [waiting, setWaiting] = useState(0);
  const [refused, setRefused] = useState<string | null>(null);
  const sending = useRef(false);
  /* ms by which this device's clock is behind the run's; only a device that joined corrects its own */
  const [clockOffset, setClockOffset] = useState(0);

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

  useEffect(() => {
    if (!('EventSource' in window)) return;
    const stream = new EventSource(`/api/batches/${batchId}/stream`);
    stream.onmessage = ({ data }: MessageEvent<string>) => {
      const { now, events: stored } = JSON.parse(data) as { now: number; events: BatchEvent[] };
      setEvents((known) => {
        const ids = new Set(known.map((event) => event.id));
        const news = stored.filter((event) => !ids.has(event.id));
        return news.length > 0 ? [...known, ...news] : known;
      });
      const behind = now - Date.now();
      if (localStorage.getItem(JOINED) === batchId && Math.abs(behind) > SKEW) setClockOffset(behind);
    };
    return () => stream.close();
  }, [batchId]);

  const record = useCallback(
    (kind: BatchEventKind, detail: BatchEvent['detail'] = {}) => {
      const event: BatchEvent = {
        id: newId(),
        kind,
        happenedAt: Math.round(Date.now() + clockOffset),
        detail,
      };
      keepEvent(localStorage, batchId, event);
      setEvents((known) => [...known, event]);
      void flush();
    },
    [batchId, flush, clockOffset],
  );

  return { events, record, waiting, refused, clockOffset };
}
