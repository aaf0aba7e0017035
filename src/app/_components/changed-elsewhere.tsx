'use client';

import { Dialog } from 'radix-ui';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { useUnits } from '@/ui/units-context';
import { planDifferences } from '@/ui/words/plan-differences';
import type { Elsewhere } from './read-elsewhere';

/** Asks what to do with a plan that another tab or device changed in the meantime; nothing is written over unasked. */
export function ChangedElsewhere({
  elsewhere,
  mine,
  keepMine,
  takeTheirs,
  seeBoth,
}: {
  elsewhere: Elsewhere;
  mine: PlanFile;
  keepMine: () => void;
  takeTheirs: (document: PlanFile) => void;
  seeBoth: (document: PlanFile) => void;
}) {
  const units = useUnits();
  const theirs = elsewhere.document;
  return (
    <Dialog.Root open>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-iron/50" />
        <Dialog.Content
          onEscapeKeyDown={(event) => event.preventDefault()}
          onInteractOutside={(event) => event.preventDefault()}
          className="fixed top-1/2 left-1/2 z-20 w-[min(34rem,calc(100vw-2rem))] -translate-1/2 tray p-6"
        >
          <Dialog.Title className="text-[24px]">Changed elsewhere</Dialog.Title>
          <Dialog.Description className="mt-2 text-[16px]">
            Another tab or device has saved this plan since you began. Nothing of either is lost until you choose.
          </Dialog.Description>
          {theirs && (
            <p className="mt-2 text-[15px] text-iron-soft">
              {`There it differs in ${
                planDifferences(mine, theirs, units)
                  .map(({ what, one, other }) => `${what}: ${other} instead of ${one}`)
                  .join('; ') || 'nothing that is shown'
              }.`}
            </p>
          )}
          <div className="mt-4 flex flex-wrap gap-2">
            <Button look="main" onClick={keepMine}>
              Keep mine
            </Button>
            {theirs && <Button onClick={() => takeTheirs(theirs)}>Take theirs</Button>}
            {theirs && <Button onClick={() => seeBoth(theirs)}>See both</Button>}
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
