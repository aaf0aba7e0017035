'use client';

import { usePathname, useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { EVIDENCE_VERSION, NO_EVIDENCE } from '@/core/learn/evidence';
import type { Batch } from '@/schemas/batch';
import { send } from './send';

/** Waits this long before it begins, so that what the page is opened for comes first, ms. Source: chosen. */
const WAIT = 2500;

/** Most rounds of one page; the next page goes on. Source: chosen. */
const ROUNDS = 50;

/** Pages that show what was learnt. */
const SHOWING = /^\/(log|kitchen)/;

async function untold(): Promise<{ batch: Batch; toldBy: string }[]> {
  try {
    const response = await fetch('/api/kitchen/untold');
    return response.ok ? ((await response.json()) as { untold: { batch: Batch; toldBy: string }[] }).untold : [];
  } catch {
    return [];
  }
}

/** Works out what finished batches say that nobody has worked out yet, here on the device, as the server cooks nothing. Shows nothing. */
export function LearningKeeper() {
  const router = useRouter();
  const showing = SHOWING.test(usePathname());
  useEffect(() => {
    let gone = false;
    const work = async () => {
      const tried = new Set<string>();
      for (let round = 0; round < ROUNDS && !gone; round++) {
        const next = (await untold()).filter(({ batch }) => !tried.has(batch.id));
        if (next.length === 0) break;
        const { evidenceApart } = await import('@/workers/learning/client');
        for (const { batch, toldBy } of next) {
          if (gone) return;
          tried.add(batch.id);
          /* one that cannot be worked out here says nothing, rather than keep the others waiting */
          const evidence = (await evidenceApart(batch)) ?? NO_EVIDENCE;
          await send('PUT', `/api/batches/${batch.id}/evidence`, { version: EVIDENCE_VERSION, toldBy, evidence });
        }
      }
      if (tried.size > 0 && showing && !gone) router.refresh();
    };
    const timer = setTimeout(() => void work(), WAIT);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [router, showing]);
  return null;
}
