'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { type BatchEvent, eventOfKind, type RecordEvent, type RecordEventAt } from '@/core/run/batch-event';
import { deriveRun } from '@/core/run/run-state';
import { REAL_TIME, shownAt } from '@/core/run/shown-clock';
import type { Batch } from '@/schemas/batch';
import { JOINED } from '@/ui/joined-device';
import { newId } from '@/ui/new-id';
import { placeHere } from '@/ui/place-here';
import { emptyOutbox } from '@/ui/outbox/empty-outbox';
import { type EventQueue, openQueue, type SetAside } from '@/ui/outbox/event-queue';
import { rememberedEvents, rememberEvents } from '@/ui/outbox/known-events';
import { send } from '@/ui/send';

/** How often what waits is sent again, ms. */
const SEND_AGAIN = 3000;

/** A clock this far off the run's is put right, ms; less is the way of the message. */
const SKEW = 250;

/** Where a device that joined remembers how far its clock is off the run's, for when it begins without a network. */
const OFFSET = 'drubek.clock-offset';

/** What of a run has not arrived. */
export interface Unsent {
  /** events that wait because the server is away */
  readonly count: number;
  readonly lasts: boolean;
  /** events that it refused */
  readonly refused: readonly SetAside[];
}

/**
 * Events of a batch: what the server knows, what this device still keeps for it, and what another tab of it tells. All devices
 * tell time by the clock of the one that leads the run, so that all show the same countdown.
 * @param openedAt ms since 1970 by the server's clock, when the page was asked for
 */
export function useBatchEvents(
  {
    id: batchId,
    document,
    events: stored,
    seq,
    clockBehind,
  }: Pick<Batch, 'id' | 'document' | 'events' | 'seq' | 'clockBehind'>,
  openedAt: number,
) {
  const [events, setEvents] = useState(stored);
  const [unsent, setUnsent] = useState<Unsent>({ count: 0, lasts: true, refused: [] });
  const [gone, setGone] = useState<string | null>(null);
  /* ms by which this device's clock is behind the run's */
  const [clockOffset, setClockOffset] = useState(0);
  const queue = useRef<Promise<EventQueue> | null>(null);
  /* what is told and not yet known to have arrived, for the moment in which the page is left */
  const leaving = useRef(new Map<string, { event: BatchEvent; kept: boolean }>());
  const otherTabs = useRef<BroadcastChannel | null>(null);
  const newest = useRef(seq);
  /* ms by which this device's clock is behind the server's, and the run's clock behind it */
  const server = useRef<number | null>(null);
  const behind = useRef(clockBehind);
  const run = useMemo(() => deriveRun(events), [events]);
  const { clock } = run;
  /* a rehearsal's clock is told by the server's, see shown-clock */
  const rehearsed = useRef(false);
  useEffect(() => void (rehearsed.current = clock !== REAL_TIME), [clock]);

  const learn = useCallback((told: readonly BatchEvent[]) => {
    setEvents((known) => {
      const ids = new Set(known.map((event) => event.id));
      const news = told.filter((event) => !ids.has(event.id));
      return news.length > 0 ? [...known, ...news] : known;
    });
  }, []);

  const flush = useCallback(async () => {
    const kept = await (queue.current ??= openQueue());
    const emptied = await emptyOutbox(kept, batchId);
    const [left, refused] = [await kept.waiting(batchId), await kept.setAside(batchId)];
    const waiting = new Set(left.map(({ id }) => id));
    for (const [id, { kept: isKept }] of leaving.current) if (isKept && !waiting.has(id)) leaving.current.delete(id);
    /* what is only on its way is not said to wait */
    setUnsent({ count: emptied === 'away' ? left.length : 0, lasts: kept.lasts, refused });
  }, [batchId]);

  const forget = useCallback(
    async (ids: readonly string[]) => {
      await (await (queue.current ??= openQueue())).forget(ids);
      setEvents((known) => known.filter(({ id }) => !ids.includes(id)));
      await flush();
    },
    [flush],
  );

  const sendAgain = useCallback(
    async (ids: readonly string[]) => {
      await (await (queue.current ??= openQueue())).sendAgain(ids);
      await flush();
    },
    [flush],
  );

  useEffect(() => {
    /* a page that this device kept for itself knows less than the device does */
    // eslint-disable-next-line react-hooks/set-state-in-effect -- what this device remembers can only be read after hydration
    learn(rememberedEvents(batchId));
  }, [batchId, learn]);
  useEffect(() => {
    if (events.length > stored.length) rememberEvents(batchId, events);
  }, [batchId, events, stored]);

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
      const last = [...leaving.current.values()].slice(-100).map(({ event }) => event);
      if (last.length > 0) void send('POST', `/api/batches/${batchId}/events`, { events: last }, true);
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

  /* the run's time is that of the device that leads it; one that joined finds it by way of the server */
  const setRight = useCallback(() => {
    if (localStorage.getItem(JOINED) !== batchId || server.current === null) return;
    const offset = server.current - (rehearsed.current ? 0 : (behind.current ?? 0));
    setClockOffset((before) => (Math.abs(before - offset) > SKEW ? offset : before));
    localStorage.setItem(OFFSET, String(Math.round(offset)));
  }, [batchId]);
  useEffect(() => {
    if (localStorage.getItem(JOINED) !== batchId) return;
    /* to a second or two; the stream puts it right, but may be late, and without a network what the device remembers holds */
    const remembered = localStorage.getItem(OFFSET);
    if (!navigator.onLine && remembered !== null) {
      // eslint-disable-next-line react-hooks/set-state-in-effect -- this device's clock can only be read after hydration
      setClockOffset(Number(remembered));
      return;
    }
    server.current = openedAt - Date.now();
    setRight();
  }, [batchId, setRight, openedAt]);

  useEffect(() => {
    if (!('EventSource' in window)) return;
    let stream: EventSource | null = null;
    let timer: ReturnType<typeof setTimeout>;
    const follow = () => {
      stream = new EventSource(`/api/batches/${batchId}/stream?after=${newest.current}`);
      stream.onmessage = ({ data, lastEventId }: MessageEvent<string>) => {
        newest.current = Math.max(newest.current, Number(lastEventId) || 0);
        const told = JSON.parse(data) as { events: BatchEvent[]; behind: number | null };
        if (told.behind !== null) behind.current = Math.min(behind.current ?? Infinity, told.behind);
        learn(told.events);
        setRight();
      };
      stream.addEventListener('clock', ({ data }: MessageEvent<string>) => {
        server.current = Number(data) - Date.now();
        setRight();
      });
      stream.addEventListener('gone', ({ data }: MessageEvent<string>) => {
        stream?.close();
        setGone((JSON.parse(data) as { error: string }).error);
      });
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

  const earlier = Date.parse(document.loads.earlier?.at(-1)?.pulled_at ?? '') || 0;
  const recordAt = useCallback<RecordEventAt>(
    (at, kind, ...told) => {
      const event = eventOfKind(kind, { id: newId(), happenedAt: Math.round(at) }, ...told);
      learn([event]);
      const own = { event, kept: false };
      leaving.current.set(event.id, own);
      otherTabs.current?.postMessage(event);
      void (queue.current ??= openQueue())
        .then((kept) => kept.keep(batchId, event, placeHere()))
        .then(() => {
          own.kept = true;
          return flush();
        });
    },
    [batchId, flush, learn],
  );
  const record = useCallback<RecordEvent>(
    (kind, ...told) => {
      /* the load before may have been rehearsed ahead of the clock: this one goes on from there */
      const notBefore = kind === 'rehearsed' ? earlier : 0;
      recordAt(Math.max(notBefore, shownAt(clock, Date.now() + clockOffset)), kind, ...told);
    },
    [recordAt, clock, clockOffset, earlier],
  );

  return { run, record, recordAt, unsent, forget, sendAgain, gone, clockOffset };
}
