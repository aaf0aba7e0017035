'use client';

import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import type { PlanDifference } from '@/ui/words/plan-differences';
import { useBeginTrial } from './use-begin-trial';

/** A way in words: what it does of the first thing in which both differ. */
function wayOf({ what }: PlanDifference, value: string): string {
  return value === 'none' ? `no ${what.toLowerCase()}` : value;
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
  const { begin, busy } = useBeginTrial(fryerId);
  const first = differences.find(({ what }) => what !== 'Name');
  if (!first) return null;
  return (
    <p className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1 text-[14px]">
      <Button
        disabled={busy}
        onClick={() =>
          begin({
            one: pinned,
            other: document,
            wordOne: wayOf(first, first.one),
            wordOther: wayOf(first, first.other),
            asks: `which ${first.what.toLowerCase()}?`,
          })
        }
      >
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
