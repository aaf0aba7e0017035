'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { StepRun } from '@/core/evening/evening-run';
import type { EveningEvent } from '@/schemas/evening-event';
import { newId } from '@/ui/new-id';
import type { ShownSchedule } from '@/workers/evening/protocol';
import type { Told } from './use-told';

/** How much faster a rehearsal runs, and how often its stand-in cooks look at the clock, ms. */
const FASTER = 60;
const EVERY = 250;

/** How much longer the stand-in cooks stand at the board than planned, so that there is something to mend. Source: chosen. */
const SLOWER = 1.25;

/** Time before the first step at which a rehearsal begins, ms. */
const LEAD = 60_000;

/**
 * What stand-in cooks tell by now: they begin what is due, and are done when its time is up; at the board they are slow.
 * @param lengths s of each step as planned: one that is under way is shown stretched as it runs over @param now ms since 1970
 */
export function standInDeeds(
  shown: Pick<ShownSchedule, 'steps' | 'serveAt'>,
  run: ReadonlyMap<string, StepRun>,
  lengths: ReadonlyMap<string, number>,
  now: number,
): Told[] {
  return shown.steps.flatMap(({ id, kind, begin, length }): Told[] => {
    const told = run.get(id);
    if (!told) return shown.serveAt - begin * 1000 <= now ? [{ kind: 'begun', detail: { step: id } }] : [];
    const takes = (lengths.get(id) ?? length) * (kind === 'board' ? SLOWER : 1);
    return told.done === null && told.begun + takes * 1000 <= now ? [{ kind: 'done', detail: { step: id } }] : [];
  });
}

interface Rehearsal {
  /** real and rehearsed beginning, ms since 1970 */
  readonly since: number;
  readonly from: number;
  /** s of each step as planned */
  readonly lengths: ReadonlyMap<string, number>;
  readonly events: readonly EveningEvent[];
}

/** An evening played through by stand-in cooks, a minute each second; nothing of it is kept. */
export interface Rehearsing {
  /** null where nothing is rehearsed */
  readonly events: readonly EveningEvent[] | null;
  /** the rehearsed clock at a real moment, both ms since 1970 */
  readonly at: (real: number) => number;
  readonly lengths: ReadonlyMap<string, number> | null;
  readonly tell: (told: Told) => void;
  readonly start: (shown: ShownSchedule) => void;
  readonly stop: () => void;
}

/** @see Rehearsing */
export function useRehearsal(): Rehearsing {
  const [rehearsal, setRehearsal] = useState<Rehearsal | null>(null);
  const since = rehearsal?.since ?? 0;
  const from = rehearsal?.from ?? null;
  const at = useCallback((real: number) => (from === null ? real : from + (real - since) * FASTER), [from, since]);
  const tell = useCallback(
    (told: Told) =>
      setRehearsal((before) => {
        if (!before) return before;
        const happenedAt = Math.round(before.from + (Date.now() - before.since) * FASTER);
        return { ...before, events: [...before.events, { ...told, id: newId(), happenedAt } as EveningEvent] };
      }),
    [],
  );
  const start = useCallback((shown: ShownSchedule) => {
    const first = shown.steps[0];
    if (!first) return;
    setRehearsal({
      since: Date.now(),
      from: shown.serveAt - first.begin * 1000 - LEAD,
      lengths: new Map(shown.steps.map(({ id, length }) => [id, length])),
      events: [],
    });
  }, []);
  const stop = useCallback(() => setRehearsal(null), []);
  return { events: rehearsal?.events ?? null, lengths: rehearsal?.lengths ?? null, at, tell, start, stop };
}

/** Lets the stand-in cooks do what is due. */
export function useStandIns(
  { lengths, at, tell }: Rehearsing,
  shown: ShownSchedule | null,
  run: ReadonlyMap<string, StepRun>,
): void {
  const newest = useRef({ shown, run });
  useEffect(() => void (newest.current = { shown, run }));
  useEffect(() => {
    if (!lengths) return;
    const timer = setInterval(() => {
      const { shown: now, run: told } = newest.current;
      if (now) standInDeeds(now, told, lengths, at(Date.now())).forEach(tell);
    }, EVERY);
    return () => clearInterval(timer);
  }, [lengths, at, tell]);
}
