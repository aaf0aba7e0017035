import { ClockPlate } from '@/ui/clock-plate';
import { wholeMinutes } from '@/ui/words/format';
import type { Deed } from './deeds-of';

/** Deeds listed after the next one. */
const LISTED = 8;

/** Free time that is worth saying, s. */
const FREE = 120;

/** What one cook does after the next deed, with the time between. @param deeds the next one first @param serveAt ms since 1970 */
export function WhatFollows({ deeds, serveAt }: { deeds: readonly Deed[]; serveAt: number }) {
  return (
    <ol className="mt-3 space-y-1.5" aria-label="What follows">
      {deeds.slice(1, LISTED + 1).map((deed, i) => {
        const gap = deeds[i]!.to - deed.from;
        return (
          <li key={`${deed.step}-${deed.from}`}>
            {gap >= FREE && (
              <p className="mb-1.5 flex items-center gap-3 text-[14px] text-iron-soft">
                <span className="h-5 w-14 rounded-[3px] border border-ash hatched" aria-hidden />
                hands free for {wholeMinutes(gap)} min
              </p>
            )}
            <p className="flex items-center gap-3 text-[17px]">
              <ClockPlate at={serveAt - deed.from * 1000} /> <strong className="font-semibold">{deed.words}</strong>
            </p>
          </li>
        );
      })}
    </ol>
  );
}
