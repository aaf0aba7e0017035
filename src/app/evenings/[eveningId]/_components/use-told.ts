'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { z } from 'zod';
import { type EveningEvent, eveningEventSchema } from '@/schemas/evening-event';
import { keepValue, keptValue } from '@/ui/kept-value';
import { newId } from '@/ui/new-id';
import { isNotNow, PATIENCE, send } from '@/ui/send';

/** Rest between two looks at what others told, ms. */
const EVERY = 3000;

const answerSchema = z.object({ events: z.array(eveningEventSchema), cursor: z.string() });
const keptSchema = z.array(eveningEventSchema);

/** Events as they are told, without what every one has. */
export type Told = EveningEvent extends infer Each
  ? Each extends EveningEvent
    ? Omit<Each, 'id' | 'happenedAt'>
    : never
  : never;

/** What was marked here and the server would not take; it is left out, as on every other device. */
export interface Refused {
  readonly count: number;
  /** why, of the last */
  readonly why: string;
}

/** Where this device keeps what it could not send yet, and all that it knows was told: a page kept for when there is no network is older. */
const waitingKey = (eveningId: string) => `drubek-evening-${eveningId}`;
const knownKey = (eveningId: string) => `drubek-evening-${eveningId}-told`;

/** What the cooks of an evening have told, this device's own words at once, those of others within seconds; what cannot be sent is kept. */
export function useTold(eveningId: string, initial: readonly EveningEvent[], cursor: string) {
  const [events, setEvents] = useState(initial);
  const [waiting, setWaiting] = useState(0);
  const [refused, setRefused] = useState<Refused | null>(null);
  const at = useRef(cursor);
  const own = useRef<EveningEvent[]>([]);
  const add = useCallback((more: readonly EveningEvent[]) => {
    setEvents((before) => {
      const known = new Map([...more, ...before].map((event) => [event.id, event]));
      before.forEach(({ id }) => known.delete(id));
      return known.size > 0 ? [...before, ...known.values()] : before;
    });
  }, []);
  const flush = useCallback(async () => {
    let atOnce = 100;
    while (own.current.length > 0) {
      const sending = own.current.slice(0, atOnce);
      const sent = await send('POST', `/api/evenings/${eveningId}/events`, { events: sending });
      if (isNotNow(sent)) return;
      if (sent.kind === 'refused' && sending.length > 1) {
        /* refused as a whole: one by one, so that only what is wrong is left out */
        atOnce = 1;
        continue;
      }
      const ids = new Set(sending.map(({ id }) => id));
      if (sent.kind === 'refused' && own.current.some(({ id }) => ids.has(id))) {
        setRefused((before) => ({ count: (before?.count ?? 0) + 1, why: sent.error }));
        setEvents((before) => before.filter(({ id }) => !ids.has(id)));
      }
      own.current = own.current.filter(({ id }) => !ids.has(id));
      keepValue(waitingKey(eveningId), own.current.length > 0 ? own.current : null);
      setWaiting(own.current.length);
    }
  }, [eveningId]);
  useEffect(() => {
    own.current = keptValue(waitingKey(eveningId), keptSchema) ?? [];
    setWaiting(own.current.length);
    add([...(keptValue(knownKey(eveningId), keptSchema) ?? []), ...own.current]);
    let stopped = false;
    let timer: ReturnType<typeof setTimeout>;
    const look = async () => {
      await flush();
      try {
        const response = await fetch(`/api/evenings/${eveningId}/events?after=${at.current}`, {
          signal: AbortSignal.timeout(PATIENCE),
        });
        const parsed = answerSchema.safeParse(response.ok ? await response.json() : null);
        if (parsed.success) {
          at.current = parsed.data.cursor;
          add(parsed.data.events);
        }
      } catch {
        /* away; the next look may find it */
      }
      if (!stopped) timer = setTimeout(() => void look(), EVERY);
    };
    timer = setTimeout(() => void look(), EVERY);
    return () => {
      stopped = true;
      clearTimeout(timer);
    };
  }, [eveningId, add, flush]);
  useEffect(() => {
    /* the first picture knows less than what is kept */
    if (events.length > 0 || refused) keepValue(knownKey(eveningId), events);
  }, [eveningId, events, refused]);
  const tell = useCallback(
    (told: Told) => {
      const event = { ...told, id: newId(), happenedAt: Date.now() } as EveningEvent;
      own.current = [...own.current, event];
      keepValue(waitingKey(eveningId), own.current.length > 0 ? own.current : null);
      setWaiting(own.current.length);
      add([event]);
      void flush();
    },
    [eveningId, add, flush],
  );
  return { events, tell, waiting, refused };
}
