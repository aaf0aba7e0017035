'use client';

import { useEffect, useState } from 'react';
import { TimeField } from '@/ui/controls/time-field';
import { useUnits } from '@/ui/units-context';
import { wholeMinutes } from '@/ui/words/format';
import { timeOfDayText } from '@/ui/words/time-of-day';
import { readyInstead, startBy, type Stretches } from './start-by';

/** How often it is looked whether there is still time, ms. */
const LOOK = 10_000;

/** When to begin for a time at the table, and the way there to scale: before the fryer, in it, after it. */
export function ServingLine({
  stretches,
  serveAt,
  onServeAt,
  bar,
}: {
  /** null while they are not known, or where the stages end too soon */
  stretches: Stretches | null;
  serveAt: string;
  onServeAt: (time: string) => void;
  /** with the way to scale */
  bar: boolean;
}) {
  const units = useUnits();
  const [now, setNow] = useState<Date | null>(null);
  useEffect(() => {
    const look = () => setNow(new Date());
    look();
    const timer = setInterval(look, LOOK);
    return () => clearInterval(timer);
  }, []);
  const start = stretches && startBy(stretches, serveAt);
  const instead = stretches && now && readyInstead(stretches, serveAt, now);
  const total = stretches ? stretches.before + stretches.atFryer + stretches.after : 0;
  const share = (seconds: number) => `${((100 * seconds) / total).toFixed(1)}%`;
  return (
    <div className="min-w-0 grow">
      <div className="flex flex-wrap items-center justify-between gap-x-4">
        <p className="text-[16px]">
          Start by{' '}
          {start ? (
            <strong className="rounded-part border-2 border-iron px-1.5 py-0.5">{timeOfDayText(start, units)}</strong>
          ) : (
            '…'
          )}
        </p>
        <TimeField label="On the table at" value={serveAt} onChange={onServeAt} />
      </div>
      {instead && (
        <p role="status" className="text-[14px] font-semibold text-alarm">
          Too late for {timeOfDayText(serveAt, units)}: begun now, it is ready at {timeOfDayText(instead, units)}.
        </p>
      )}
      {bar && stretches && (
        <div className="mt-1 max-sm:hidden">
          <div className="flex h-2 gap-0.5" aria-hidden>
            <span className="rounded-[2px] bg-iron" style={{ width: share(stretches.before) }} />
            <span className="rounded-[2px] border border-ash bg-golden" style={{ width: share(stretches.atFryer) }} />
            {stretches.after > 0 && (
              <span className="rounded-[2px] border border-ash hatched" style={{ width: share(stretches.after) }} />
            )}
          </div>
          <p className="mt-0.5 flex justify-between gap-3 text-[12px]">
            <span>before the fryer: {wholeMinutes(stretches.before)} min</span>
            <span>fryer: {wholeMinutes(stretches.atFryer)} min</span>
            {stretches.after > 0 && <span>to the table: {wholeMinutes(stretches.after)} min</span>}
          </p>
        </div>
      )}
    </div>
  );
}
