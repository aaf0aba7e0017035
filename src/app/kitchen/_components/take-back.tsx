'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Button } from '@/ui/controls/button';
import { newId } from '@/ui/new-id';
import { notifyError } from '@/ui/notify';
import type { Sent } from '@/ui/send';

/** Something that was done to the kitchen and can be taken back while the page is open. */
export interface Done {
  readonly key: string;
  readonly words: string;
  readonly takeBack: () => Promise<Sent>;
}

/** What was done since the page was opened, newest first. */
export function useTakeBack() {
  const [done, setDone] = useState<readonly Done[]>([]);
  return {
    done,
    add: (deed: Omit<Done, 'key'>) => setDone((before) => [{ ...deed, key: newId() }, ...before]),
    drop: (key: string) => setDone((before) => before.filter((deed) => deed.key !== key)),
  };
}

/** Each deed with the button that takes it back. */
export function TakeBackList({ done, drop }: { done: readonly Done[]; drop: (key: string) => void }) {
  const router = useRouter();
  const takeBack = async (deed: Done) => {
    const sent = await deed.takeBack();
    if (sent.kind !== 'done') return notifyError(sent.error);
    drop(deed.key);
    router.refresh();
  };
  return (
    <div role="status" className="text-[15px]">
      {done.map((deed) => (
        <p key={deed.key} className="flex items-center gap-3 border-t border-enamel-deep py-1">
          <span className="grow text-iron-soft">{deed.words}</span>
          <Button onClick={() => takeBack(deed)}>
            Take it back<span className="sr-only"> {deed.words}</span>
          </Button>
        </p>
      ))}
    </div>
  );
}
