import clsx from 'clsx';
import type { ReactNode } from 'react';
import { ClockPlate } from '@/ui/clock-plate';
import { clockText, halfMinutes } from '@/ui/words/format';

/** Verbs longer than this are written smaller, characters. */
const LONG_VERB = 8;

/** What is to be done at the drawer and in how long, to be read from two metres; iron turns to enamel when it falls due. */
export function DueAction({
  verb,
  left,
  dial,
  detail,
  caution,
  pull,
  children,
}: {
  verb: string;
  /** s until it is due; less than 0 once it is late */
  left: number;
  dial: string;
  /** what the opening carries: oil, seasoning, pieces */
  detail: string | null;
  caution: ReactNode;
  /** the pull that comes after it: s from now, and its time of day; null where it is due itself or not known */
  pull: { readonly left: number; readonly at: number } | null;
  /** the line above */
  children: ReactNode;
}) {
  const due = left <= 0;
  const long = verb.length > LONG_VERB;
  const countdown = due ? 'now' : clockText(left);
  return (
    <div className={clsx('rounded-tray', due && 'bg-enamel px-3 py-1 text-iron lg:-mx-4 lg:px-4')}>
      {children}
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <p
          className={clsx(
            'font-display leading-[0.95] font-bold',
            long ? 'text-[clamp(34px,6vw,68px)]' : 'text-[clamp(54px,9vw,112px)]',
          )}
          aria-live="assertive"
        >
          {verb}
          <span className="sr-only">{due ? ' now' : ''}</span>
        </p>
        <p className="font-display text-[clamp(34px,5.4vw,72px)] leading-none font-bold">{dial}</p>
      </div>
      <div className="flex items-center gap-x-6">
        <p
          role="timer"
          className={clsx(
            'grow font-display leading-[0.9] font-extrabold tracking-tight tabular-nums',
            countdown.length > 4 ? 'text-[clamp(100px,13.5vw,160px)]' : 'text-[clamp(112px,15vw,184px)]',
          )}
        >
          {due ? (
            <>
              now <span className="text-[0.2em] font-semibold tracking-normal opacity-80">{clockText(-left)} ago</span>
            </>
          ) : (
            <>
              <span className="mr-[0.3em] text-[0.2em] font-semibold tracking-normal text-ash">in</span>
              {countdown}
            </>
          )}
        </p>
        {pull && (
          <p className="shrink-0 border-l-2 border-current/25 py-1 pl-5 text-[17px] leading-snug max-sm:hidden">
            then
            <span className="block font-display text-[44px] leading-none font-bold">Pull</span>
            <span className="mt-1 block">in about {halfMinutes(pull.left)} min</span>
            <ClockPlate at={pull.at} />
          </p>
        )}
      </div>
      {detail && <p className="font-display text-[clamp(22px,2.6vw,32px)] leading-tight font-semibold">{detail}</p>}
      <p className="mt-1 text-[15px] sm:text-[17px]">{caution}</p>
    </div>
  );
}
