'use client';

import { useRouter } from 'next/navigation';
import { Button } from '@/ui/controls/button';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';

/** A batch was just taken out of the log; it can be had back. */
export function TakenOut({ batchId, name }: { batchId: string; name: string }) {
  const router = useRouter();
  const takeBack = async () => {
    const sent = await send('PUT', `/api/batches/${batchId}/place`, { removed: false });
    if (sent.kind !== 'done') return notifyError(sent.error);
    router.replace(`/log/${batchId}`);
  };
  return (
    <p role="status" className="mb-2 flex items-center gap-3 px-5 text-[15px]">
      <span>{name} is taken out of the log, and nothing is learnt from it any more.</span>
      <Button onClick={takeBack}>Take it back</Button>
    </p>
  );
}
