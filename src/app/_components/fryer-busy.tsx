'use client';

import { format } from 'date-fns';
import Link from 'next/link';
import { Dialog } from 'radix-ui';
import { Button } from '@/ui/controls/button';
import { useUnits } from '@/ui/units-context';
import { timeOfDayText } from '@/ui/words/time-of-day';
import type { Busy } from './busy-fryer';

/** Asks before a second batch is begun in a fryer that has one in it. */
export function FryerBusy({ busy, begin, leaveIt }: { busy: Busy; begin: () => void; leaveIt: () => void }) {
  const units = useUnits();
  return (
    <Dialog.Root open onOpenChange={(open) => !open && leaveIt()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-iron/50" />
        <Dialog.Content className="fixed top-1/2 left-1/2 z-20 w-[min(34rem,calc(100vw-2rem))] -translate-1/2 tray p-6">
          <Dialog.Title className="text-[24px]">This fryer is taken</Dialog.Title>
          <Dialog.Description className="mt-2 text-[16px]">
            “{busy.name}” has been in it since {timeOfDayText(format(busy.loadedAt, 'HH:mm'), units)} and is not pulled
            yet. A second batch is forecast as if the fryer were its own.
          </Dialog.Description>
          <div className="mt-4 flex flex-wrap items-center gap-2">
            <Button look="main" onClick={begin}>
              Begin it all the same
            </Button>
            <Link
              href={`/cook/${busy.batchId}`}
              className="flex min-h-11 items-center rounded-part border-2 border-rim px-4 text-[15px] font-semibold text-rim"
            >
              Go to that run
            </Link>
            <Button look="quiet" onClick={leaveIt}>
              Not now
            </Button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
