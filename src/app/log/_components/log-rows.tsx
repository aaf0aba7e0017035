'use client';

import { format } from 'date-fns';
import Link from 'next/link';
import { deriveRun } from '@/core/run/run-state';
import { REAL_TIME } from '@/core/run/shown-clock';
import type { Batch } from '@/schemas/batch';
import { planFood } from '@/schemas/plan-from-file';
import { Fingerprint } from '@/ui/field/fingerprint';
import { useUnits } from '@/ui/units-context';
import { wholeMinutes } from '@/ui/words/format';
import { BITE_WORDS, EVENNESS_WORDS, FAULT_WORDS } from '@/ui/words/labels';
import { cutText } from '@/ui/words/plan-text';
import { LocalTime } from '@/ui/local-time';

/** What came of a batch, in one phrase. */
function outcomePhrase({ outcome, events }: Batch): string {
  if (outcome) {
    const faults = outcome.faults.map((fault) => FAULT_WORDS[fault].toLowerCase());
    return [BITE_WORDS[outcome.crispness], EVENNESS_WORDS[outcome.evenness].toLowerCase(), ...faults].join(', ');
  }
  const { phase } = deriveRun(events);
  return phase === 'done' ? 'Outcome not said yet' : phase === 'cooking' ? 'In the fryer' : 'In preparation';
}

/** Minutes from loading to pulling, or null. */
export function pulledAfter(batch: Batch): number | null {
  const run = deriveRun(batch.events);
  return run.loadedAt !== null && run.doneAt !== null ? (run.doneAt - run.loadedAt) / 1000 : null;
}

/** The list of the log. */
export function LogRows({ batches }: { batches: readonly Batch[] }) {
  const units = useUnits();
  return (
    <ul className="mt-2 divide-y divide-enamel-deep">
      {batches.map((batch) => {
        const { ramp } = planFood(batch.document);
        const pulled = pulledAfter(batch);
        return (
          <li key={batch.id}>
            <Link
              href={`/log/${batch.id}`}
              className="grid grid-cols-[92px_1fr] items-center gap-x-4 gap-y-0.5 px-5 py-2.5 hover:bg-white focus-visible:-outline-offset-2 md:grid-cols-[132px_minmax(0,1.3fr)_minmax(0,1fr)_minmax(0,1.2fr)]"
            >
              <span className="row-span-3 block h-11 overflow-hidden rounded-[4px] border border-iron-soft md:row-span-1">
                {batch.fingerprint.length > 0 ? (
                  <Fingerprint
                    browning={batch.fingerprint}
                    ramp={ramp}
                    label="Colours when pulled, palest to darkest"
                  />
                ) : (
                  <span className="flex h-full items-center justify-center text-[12px] text-iron-soft">
                    no colours yet
                  </span>
                )}
              </span>
              <span className="min-w-0">
                <span className="block truncate font-display text-[16px] font-semibold">{batch.document.name}</span>
                <span className="block truncate text-[14px]">{cutText(batch.document, units)}</span>
              </span>
              <span className="text-[14px]">
                <LocalTime at={batch.begunAt} write={(date) => format(date, 'd MMM, HH:mm')} />
                <span className="block text-iron-soft">
                  {batch.fryerName}
                  {deriveRun(batch.events).clock !== REAL_TIME && ', a rehearsal'}
                </span>
              </span>
              <span className="text-[14px]">
                {outcomePhrase(batch)}
                <span className="block text-iron-soft">
                  {batch.forecast.done_min !== null &&
                    `to pull after ${wholeMinutes(batch.forecast.done_min * 60)} min`}
                  {pulled !== null && `, pulled after ${wholeMinutes(pulled)} min`}
                </span>
              </span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
