'use client';

import { useEffect, useRef, useState } from 'react';
import type { PlanFile } from '@/schemas/plan-file';
import { send } from '@/ui/send';
import { writePlanFile } from '@/schemas/write-plan';

/** Waits this long after the last release before it saves, and before it tries again, ms. */
const SETTLE = 400;
const RETRY = 4000;

/** Saves the plan when it has come to rest, and again until it is stored. Returns what to show of that. */
export function useSaving(planId: string, fryerId: string, document: PlanFile | null, initial: PlanFile): string {
  const [words, setWords] = useState('');
  const stored = useRef({ document: initial, fryerId });

  useEffect(() => {
    if (!document || (stored.current.document === document && stored.current.fryerId === fryerId)) return;
    let stopped = false;
    let timer: ReturnType<typeof setTimeout>;
    const attempt = async () => {
      const sent = await send('PUT', `/api/plans/${planId}`, { fryerId, document: writePlanFile(document) });
      if (stopped) return;
      if (sent.kind === 'done') {
        stored.current = { document, fryerId };
        setWords('Saved');
      } else if (sent.kind === 'refused') setWords(`Not saved: ${sent.error}`);
      else {
        setWords('Not saved yet; trying again');
        timer = setTimeout(attempt, RETRY);
      }
    };
    timer = setTimeout(attempt, SETTLE);
    return () => {
      stopped = true;
      clearTimeout(timer);
    };
  }, [planId, fryerId, document]);

  return words;
}
