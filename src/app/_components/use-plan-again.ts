'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { fromFirstLoad } from '@/editing/from-first-load';
import type { PlanFile } from '@/schemas/plan-file';
import { cutText } from '@/schemas/storable-text';
import { writePlanFile } from '@/schemas/write-plan';
import { newId } from '@/ui/new-id';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';

/** Keeps a plan made from another as a new one and opens it on the bench. @param fryerId null where the fryer is gone: then it cannot be planned again */
export function usePlanAgain(fryerId: string | null) {
  const router = useRouter();
  const [saving, setSaving] = useState(false);
  /** @param addition what its name gets */
  const planAgain = async (document: PlanFile, addition = 'corrected') => {
    if (!fryerId) return;
    setSaving(true);
    const planId = newId();
    const again: PlanFile = {
      ...fromFirstLoad(document),
      name: `${cutText(document.name, 100)}, ${addition}`,
    };
    const sent = await send('PUT', `/api/plans/${planId}`, { fryerId, document: writePlanFile(again), base: 0 });
    if (sent.kind === 'done') return router.push(`/?plan=${planId}`);
    setSaving(false);
    notifyError(sent.error);
  };
  return { planAgain, saving };
}
