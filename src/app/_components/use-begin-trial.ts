'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { PlanFile } from '@/schemas/plan-file';
import { cutText } from '@/schemas/storable-text';
import { writePlanFile } from '@/schemas/write-plan';
import { newId } from '@/ui/new-id';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';

/** Longest name of a way, and of a trial. */
const LONGEST_WAY = 50;
const LONGEST_NAME = 120;

/** Two ways that are to be tasted against each other. */
export interface TwoWays {
  readonly one: PlanFile;
  readonly other: PlanFile;
  readonly wordOne: string;
  readonly wordOther: string;
  /** what they are about, as the trial is named: "which cut?" */
  readonly asks: string;
}

/** The name of a trial, by which it is known whether a question has been put already. */
export function trialName({ one, asks }: Pick<TwoWays, 'one' | 'asks'>): string {
  return cutText(`${one.name}: ${asks.charAt(0).toLowerCase()}${asks.slice(1)}`, LONGEST_NAME);
}

/** Begins a trial of two ways and opens its page. @param fryerId in which it would be cooked */
export function useBeginTrial(fryerId: string): { begin: (ways: TwoWays) => Promise<void>; busy: boolean } {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const begin = async (ways: TwoWays) => {
    setBusy(true);
    const trialId = newId();
    const sent = await send('POST', '/api/trials', {
      trialId,
      fryerId,
      name: trialName(ways),
      one: writePlanFile(ways.one),
      other: writePlanFile(ways.other),
      wordOne: cutText(ways.wordOne, LONGEST_WAY),
      wordOther: cutText(ways.wordOther, LONGEST_WAY),
    });
    if (sent.kind === 'done') return router.push(`/trials/${trialId}`);
    setBusy(false);
    notifyError(sent.error);
  };
  return { begin, busy };
}
