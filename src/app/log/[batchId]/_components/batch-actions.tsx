'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { type Batch, OUTCOME_NEXT, type Outcome } from '@/schemas/batch';
import { Button } from '@/ui/controls/button';
import { Choice } from '@/ui/controls/choice';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';
import { NEXT_WORDS } from '@/ui/words/labels';

/** What is to be done the next time; whether anything is learnt from the batch; and the way out of the log. */
export function BatchActions({
  batch,
  teaches,
}: {
  batch: Batch;
  /** false for a rehearsal, from which nothing is learnt either way */
  teaches: boolean;
}) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const put = async (path: string, body: unknown, then: () => void) => {
    setBusy(true);
    const sent = await send('PUT', `/api/batches/${batch.id}/${path}`, body);
    setBusy(false);
    if (sent.kind === 'done') then();
    else notifyError(sent.error);
  };
  const choose = (next: Outcome['next']) =>
    put('outcome', { ...batch.outcome, next, fingerprint: batch.fingerprint }, () => router.refresh());
  return (
    <div className="no-print ml-auto flex flex-wrap items-center gap-x-4 gap-y-1">
      {batch.outcome && (
        <Choice
          label="Next time"
          hideLabel
          value={batch.outcome.next ?? ''}
          options={OUTCOME_NEXT.map((value) => ({ value, word: NEXT_WORDS[value] }))}
          onChange={(next) => void choose(next as Outcome['next'])}
        />
      )}
      {teaches && (
        <Button
          look="quiet"
          disabled={busy}
          onClick={() => put('place', { leftOut: !batch.leftOut }, () => router.refresh())}
        >
          {batch.leftOut ? 'Learn from it again' : 'Do not learn from it'}
        </Button>
      )}
      <Button
        look="quiet"
        disabled={busy}
        onClick={() => put('place', { removed: true }, () => router.push(`/log?removed=${batch.id}`))}
      >
        Delete
      </Button>
    </div>
  );
}
