'use client';

import { useEffect, useState } from 'react';
import type { PlanFile } from '@/schemas/plan-file';
import { send } from '@/ui/send';
import { writePlanFile } from '@/schemas/write-plan';

/** Waits this long after the last release before it saves, and before it tries again, ms. */
const SETTLE = 400;
const RETRY = 4000;

/** Saves the plan when it has come to rest, and again until it is stored. Returns what to show of that. */
export function useSaving(planId: string, fryerId: string, document: PlanFile | null, initial: PlanFile): string {
  const [words, setWords] = useState('');
  const [stored, setStored] = useState({ document: initial, fryerId });
  const isStored = document === null || (stored.document === document && stored.fryerId === fryerId);

  useEffect(() => {
    if (document === null || isStored) return;
    let stopped = false;
    let timer: ReturnType<typeof setTimeout>;
    let begun = false;
    const save = (leaving: boolean) =>
      send('PUT', `/api/plans/${planId}`, { fryerId, document: writePlanFile(document) }, leaving);
    /* what was moved in the last moment before the page is left is sent on the way out */
    const onLeave = () => {
      if (!begun) void save(true);
    };
    const attempt = async () => {
      begun = true;
      const sent = await save(false);
      if (stopped) return;
      if (sent.kind === 'done') {
        setStored({ document, fryerId });
        setWords('Saved');
      } else if (sent.kind === 'refused') setWords(`Not saved: ${sent.error}`);
      else {
        setWords('Not saved yet; trying again');
        timer = setTimeout(attempt, RETRY);
      }
    };
    timer = setTimeout(attempt, SETTLE);
    window.addEventListener('pagehide', onLeave);
    return () => {
      stopped = true;
      window.removeEventListener('pagehide', onLeave);
      clearTimeout(timer);
    };
  }, [planId, fryerId, document, isStored]);

  /* “Saved” stands only for what is on the bench now */
  return !isStored && words === 'Saved' ? 'Saving …' : words;
}
