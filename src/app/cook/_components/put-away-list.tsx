'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import type { Batch } from '@/schemas/batch';
import { Button } from '@/ui/controls/button';
import { notifyError } from '@/ui/notify';
import { tellEvent } from '@/ui/tell-event';

/** Runs that were left and put away; each can be taken out again. */
export function PutAwayList({ batches }: { batches: readonly Batch[] }) {
  const router = useRouter();
  const takeOut = async (batch: Batch) => {
    const put = batch.events.findLast(({ kind }) => kind === 'put-away');
    if (!put) return;
    const sent = await tellEvent(batch.id, 'undone', { event: put.id });
    if (sent.kind === 'done') router.refresh();
    else notifyError(`It could not be taken out. ${sent.error}`);
  };
  return (
    <section className="mt-6">
      <h2 className="text-[20px]">Put away</h2>
      <ul className="mt-1 divide-y divide-iron-line">
        {batches.map((batch) => (
          <li key={batch.id} className="flex flex-wrap items-center gap-x-4 py-1">
            <Link href={`/log/${batch.id}`} className="flex min-h-11 grow items-center text-[17px] text-rim-light">
              {batch.document.name}
            </Link>
            <Button look="iron" onClick={() => takeOut(batch)}>
              Take it out again
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
