'use client';

import { dishOf } from '@/core/evening/evening-run';
import type { EveningFile } from '@/schemas/evening-file';
import { ClockPlate } from '@/ui/clock-plate';
import { Button } from '@/ui/controls/button';
import { dishOfEvening, overdueText } from '@/ui/words/evening-text';
import type { EveningView } from '@/workers/evening/protocol';
import { WaysOutList } from './serving-choice';
import type { Arranged } from './use-arranged';
import type { Rehearsing } from './use-rehearsal';
import type { Refused } from './use-told';

/** What is to be known before anything else: a rehearsal, a change elsewhere, what has lain too long, what cannot be, what is being worked out. */
export function EveningNotices({
  evening,
  view,
  isCurrent,
  working,
  failed,
  rehearsal,
  now,
  refused,
  isElsewhere,
  settle,
  change,
}: {
  evening: EveningFile;
  view: EveningView | null;
  isCurrent: boolean;
  working: Arranged['working'];
  failed: boolean;
  rehearsal: Rehearsing;
  /** ms since 1970 */
  now: number;
  /** marks that the server would not take */
  refused: Refused | null;
  /** it was changed on another device in the meantime */
  isElsewhere: boolean;
  settle: (keep: 'mine' | 'theirs') => void;
  change: (next: (before: EveningFile) => EveningFile) => void;
}) {
  const overdue = (view?.overdue ?? []).flatMap(([step, beyond]) => {
    const dish = dishOfEvening(evening, dishOf(step));
    return dish ? [overdueText(step, beyond, dish)] : [];
  });
  return (
    <>
      {rehearsal.events && (
        <p role="status" className="mt-1 flex flex-wrap items-center gap-3 text-[15px] font-semibold">
          A rehearsal with stand-in cooks, slow at the board; nothing of it is kept. It is <ClockPlate at={now} />
          <Button look="quiet" onClick={rehearsal.stop}>
            End it
          </Button>
        </p>
      )}
      {isElsewhere && (
        <div
          role="alert"
          className="mt-2 flex flex-wrap items-center gap-3 rounded-part border-2 border-alarm px-4 py-2 text-[16px]"
        >
          This evening was changed on another device.
          <Button onClick={() => settle('mine')}>Keep mine</Button>
          <Button onClick={() => settle('theirs')}>Take theirs</Button>
        </div>
      )}
      {refused && (
        <p role="alert" className="mt-2 text-[16px] text-alarm">
          {refused.count > 1 ? `${refused.count} marks were` : 'A mark was'} left out because the server refused{' '}
          {refused.count > 1 ? 'them' : 'it'}: {refused.why.replace(/\.$/, '')}.
        </p>
      )}
      {overdue.length > 0 && (
        <p role="status" className="mt-2 text-[15px] font-semibold text-alarm">
          {overdue.join(' ')}
        </p>
      )}
      {failed && (
        <p role="alert" className="mt-2 text-[16px] text-alarm">
          The order could not be worked out in this browser; Drubek tries again every few seconds. If it stays like
          this, the browser may block web workers.
        </p>
      )}
      {view && isCurrent && view.lines.length === 0 && view.waysOut.length > 0 && (
        <div className="mt-2">
          <WaysOutList view={view} evening={evening} change={change} />
        </div>
      )}
      {working && (
        <p role="status" className="mt-1 text-[15px] text-iron-soft">
          {working.done < working.of
            ? `Forecasting dish ${working.done + 1} of ${working.of} in each fryer …`
            : 'Trying the orders …'}
        </p>
      )}
    </>
  );
}
