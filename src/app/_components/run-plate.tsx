'use client';

import clsx from 'clsx';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { isLeft, secondsLeft, type UnderWay, useRunUnderWay } from '@/ui/run-board';
import { useTabCountdown } from '@/ui/tab-title';
import { useNow } from '@/ui/use-now';
import { clockText } from '@/ui/words/format';

/** A batch under way, on every page but its own: what is next and in how long, here and in the tab's title. */
export function RunPlate({ className }: { className?: string }) {
  const run = useRunUnderWay();
  const path = usePathname();
  return run && path !== `/cook/${run.batchId}` ? <Countdown run={run} className={className} /> : null;
}

function Countdown({ run, className }: { run: UnderWay; className: string | undefined }) {
  const now = useNow(0, run.dueAt);
  const left = Math.round(secondsLeft(run, now));
  const shown = now > 0 && !isLeft(run, now);
  useTabCountdown(shown ? run.verb : null, left);
  if (!shown) return null;
  return (
    <Link
      href={`/cook/${run.batchId}`}
      className={clsx(
        'on-iron flex min-h-11 max-w-full items-center gap-2 rounded-part border-2 border-iron-line bg-iron px-3 text-[15px] text-enamel',
        className,
      )}
    >
      <strong className="truncate">{run.name}</strong>
      <span role="timer" className="whitespace-nowrap">
        {run.verb.toLowerCase()}{' '}
        {left > 0 ? (
          <>
            in <strong className="font-display text-[18px]">{clockText(left)}</strong>
          </>
        ) : (
          <strong>now</strong>
        )}
      </span>
    </Link>
  );
}
