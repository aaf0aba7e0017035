'use client';

import { useEffect, useLayoutEffect, useRef } from 'react';
import type { RunState } from '@/core/run/run-state';
import { REAL_TIME } from '@/core/run/shown-clock';
import type { EveningEvent } from '@/schemas/evening-event';
import { newId } from '@/ui/new-id';
import { send } from '@/ui/send';

/** The evening whose load a batch is. */
export interface EveningOfBatch {
  readonly id: string;
  readonly step: string;
}

/** A move of the pull that an evening is told of, ms. Source: chosen; less changes nothing for other hands. */
const WORTH_TELLING = 20_000;

/** Rest after the forecast has moved, and before what could not be sent is sent again, ms. */
const SETTLE = 1500;
const RETRY = 10_000;

/** Tells the evening when its load is to come out, and again when what is seen moves that. A rehearsal tells nothing. @param pullAt ms since 1970 */
export function useTellDue(
  evening: EveningOfBatch | null,
  { clock, loadedAt }: Pick<RunState, 'clock' | 'loadedAt'>,
  pullAt: number | null,
): void {
  const told = useRef<number | null>(null);
  /* what is still to be told when the page is left */
  const untold = useRef<(() => void) | null>(null);
  const isReal = clock === REAL_TIME;
  /* counts what there is to tell: what was begun before the newest of it is not sent again */
  const newest = useRef(0);
  /* before the page can be left, or what was decided last would not be told */
  useLayoutEffect(() => {
    const own = ++newest.current;
    untold.current = null;
    if (!evening || !isReal || loadedAt === null || pullAt === null) return;
    /* once whenever Cook opens: what was told on an earlier visit is not known here */
    if (told.current !== null && Math.abs(pullAt - told.current) < WORTH_TELLING) return;
    let timer: ReturnType<typeof setTimeout>;
    const tell = async (leaving = false) => {
      untold.current = null;
      const event: EveningEvent = {
        id: newId(),
        kind: 'due',
        happenedAt: Date.now(),
        detail: { step: evening.step, at: Math.round(pullAt) },
      };
      const sent = await send('POST', `/api/evenings/${evening.id}/events`, { events: [event] }, leaving);
      if (own !== newest.current) return;
      if (sent.kind === 'away') timer = setTimeout(() => void tell(), RETRY);
      else told.current = pullAt;
    };
    untold.current = () => void tell(true);
    timer = setTimeout(() => void tell(), SETTLE);
    return () => clearTimeout(timer);
  }, [evening, isReal, loadedAt, pullAt]);
  useEffect(() => () => untold.current?.(), []);
}
