'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { JOINED } from '@/ui/joined-device';
import type { BatchEvent, BatchEventKind } from '@/core/run/run-state';
import { deriveRun } from '@/core/run/run-state';
import { shownAt } from '@/core/run/shown-clock';
import { newId } from '@/ui/new-id';
import { send } from '@/ui/send';
import { type EventQueue, openQueue } from './event-queue';

/** How often what waits is sent again, ms. */
const SEND_AGAIN = 3000;

/** A clock this far off is put right, ms; less is the way of the message. */
const SKEW = 2000;

/**
 * Events of a batch: what the server knows, what this device still keeps for it, and what another tab of it tells.
 * @param openedAt ms since 1970 by the server's clock, when the page was asked for
 */
export function useBatchEvents(batchId: string, stored: readonly BatchEvent[], openedAt: number) {
  const [events, setEvents] = useState(stored);
  const [waiting, setWaiting] = useState({ count: 0, lasts: true });
  const [refused, setRefused] = useState<string | null>(null);
  /* ms by which this device's clock is behind the run's; only a device that joined corrects its own */
  const [clockOffset, setClockOffset] = useState(0);
  const sending = useRef(false);
  const queue = useRef<Promise<EventQueue> | null>(null);
  /* what is told and not yet known to have arrived, for the moment in which the page is left */
  const unsent = useRef(new Map<string, BatchEvent>());
  const otherTabs = useRef<BroadcastChannel | null>(null);
  const run = useMemo(() => deriveRun(events), [events]);
  const { clock } = run;

  const learn = useCallback((told: readonly BatchEvent[]) => {
    setEvents((known) => {
      const ids = new Set(known.map((event) => event.id));
      const news = told.filter((event) => !ids.has(event.id));
      return news.length > 0 ? [...known, ...news] : known;
    });
  }, []);

  const flush = useCallback(async () => {
    const kept = await (queue.current ??= openQueue());
    const pending = await kept.waiting(batchId);
    setWaiting({ count: pending.length, lasts: kept.lasts });
    if (pending.length === 0 || sending.current) return;
    sending.current = true;
    const sent = await send('POST', `/api/batches/${batchId}/events`, { events: pending });
    sending.current = false;
    setRefused(sent.kind === 'refused' ? sent.error : null);
    if (sent.kind !== 'done') return;
    await kept.forget(pending.map((event) => event.id));
    pending.forEach(({ id }) => unsent.current.delete(id));
    setWaiting({ count: (await kept.waiting(batchId)).length, lasts: kept.lasts });
  }, [batchId]);

  useEffect(() => {
    /* what an earlier page left behind belongs to the run as well */
    void (queue.current ??= openQueue())
      .then((kept) => kept.waiting(batchId))
      .then((left) => {
        learn(left);
        return flush();
      });
    const timer = setInterval(() => void flush(), SEND_AGAIN);
    return () => clearInterval(timer);
  }, [batchId, flush, learn]);

  useEffect(() => {
    /* the queue keeps them as well; sending twice stores once */
    const onLeave = () => {
      const events = [...unsent.current.values()];
      if (events.length > 0) void send('POST', `/api/batches/${batchId}/events`, { events }, true);
    };
    window.addEventListener('pagehide', onLeave);
    return () => {
      window.removeEventListener('pagehide', onLeave);
      onLeave();
    };
  }, [batchId]);

  useEffect(() => {
    if (!('BroadcastChannel' in window)) return;
    const channel = new BroadcastChannel(`drubek.batch.${batchId}`);
    channel.onmessage = ({ data }: MessageEvent<BatchEvent>) => learn([data]);
    otherTabs.current = channel;
    return () => {
      channel.close();
      otherTabs.current = null;
    };
  }, [batchId, learn]);

  const setRight = useCallback(
    (serverNow: number) => {
      const behind = serverNow - Date.now();
      if (localStorage.getItem(JOINED) === batchId && Math.abs(behind) > SKEW) setClockOffset(behind);
    },
    [batchId],
  );
  useEffect(() => {
    /* to a second or two; the stream puts it right to the millisecond, but may be late */
    // eslint-disable-next-line react-hooks/set-state-in-effect -- this device's clock can only be read after hydration
    setRight(openedAt);
  }, [setRight, openedAt]);

  useEffect(() => {
    if (!('EventSource' in window)) return;
    let stream: EventSource | null = null;
    let timer: ReturnType<typeof setTimeout>;
    const follow = () => {
      stream = new EventSource(`/api/batches/${batchId}/stream`);
      stream.onmessage = ({ data }: MessageEvent<string>) => {
        const { now, events: told } = JSON.parse(data) as { now: number; events: BatchEvent[] };
        learn(told);
        setRight(now);
      };
      /* a browser gives up on a server that answers "not now"; a lost line it mends itself */
      stream.onerror = () => {
        if (stream?.readyState !== EventSource.CLOSED) return;
        clearTimeout(timer);
        timer = setTimeout(follow, SEND_AGAIN);
      };
    };
    follow();
    return () => {
      clearTimeout(timer);
      stream?.close();
    };
  }, [batchId, learn, setRight]);

  const record = useCallback(
    (kind: BatchEventKind, detail: BatchEvent['detail'] = {}) => {
      const event: BatchEvent = {
        id: newId(),
        kind,
        happenedAt: Math.round(shownAt(clock, Date.now() + clockOffset)),
        detail,
      };
      learn([event]);
      unsent.current.set(event.id, event);
      otherTabs.current?.postMessage(event);
      void (queue.current ??= openQueue()).then((kept) => kept.keep(batchId, event)).then(flush);
    },
    [batchId, flush, learn, clock, clockOffset],
  );

  return { run, record, waiting, refused, clockOffset };
}
