'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { PlanFile } from '@/schemas/plan-file';
import { cutText } from '@/schemas/storable-text';
import { writePlanFile } from '@/schemas/write-plan';
import { Button } from '@/ui/controls/button';
import { newId } from '@/ui/new-id';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';
import type { PlanDifference } from '@/ui/words/plan-differences';

/** Longest name of a way. */
const LONGEST = 50;

/** A way in words: what it does of the first thing in which both differ. */
function wayOf({ what }: PlanDifference, value: string): string {
  return cutText(value === 'none' ? `no ${what.toLowerCase()}` : value, LONGEST);
}

/** Both ways as a trial: cooked on one lot, tasted without knowing. */
export function BeginTrial({
  pinned,
  document,
  differences,
  fryerId,
}: {
  pinned: PlanFile;
  document: PlanFile;
  differences: readonly PlanDifference[];
  fryerId: string;
}) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const first = differences.find(({ what }) => what !== 'Name');
  if (!first) return null;
  const begin = async () => {
    setBusy(true);
    const trialId = newId();
    const [wordOne, wordOther] = [wayOf(first, first.one), wayOf(first, first.other)];
    const sent = await send('POST', '/api/trials', {
      trialId,
      fryerId,
      name: cutText(`${pinned.name}: which ${first.what.toLowerCase()}?`, 120),
      one: writePlanFile(pinned),
      other: writePlanFile(document),
      wordOne,
      wordOther,
    });
    if (sent.kind === 'done') return router.push(`/trials/${trialId}`);
    setBusy(false);
    notifyError(sent.error);
  };
  return (
    <p className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1 text-[14px]">
      <Button onClick={begin} disabled={busy}>
        Try both on one lot
      </Button>
      <span className="text-iron-soft">
        {differences.length > 1
          ? `They differ in ${differences.length} things; a trial tells most where it is one.`
          : 'Tasted without knowing, over as many pairs as it takes.'}
      </span>
    </p>
  );
}
