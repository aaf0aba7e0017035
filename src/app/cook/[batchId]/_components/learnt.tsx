'use client';

import type { Advice } from '@/core/coach/advice';
import type { RecordEvent } from '@/core/run/batch-event';
import { celsiusFromKelvin } from '@/core/units/temperature';
import { Button } from '@/ui/controls/button';
import { useUnits } from '@/ui/units-context';
import { temperatureText } from '@/ui/words/format';
import type { Correction } from '@/workers/coach/protocol';
import { adviceText, correctionText, gainText } from './advice-text';

/** What the run has learnt from the answers, and what to do otherwise; it has its room as soon as something was told. `dial` in K. */
export function Learnt({
  told,
  correction,
  pull,
  dial,
  record,
}: {
  /** answers and readings so far */
  told: number;
  correction: Correction | null;
  /** s after loading, the run's one moment; null where it is not done in time */
  pull: number | null;
  dial: number;
  record: RecordEvent;
}) {
  if (told === 0) return null;
  return (
    <div
      role="status"
      className="mt-1 flex flex-wrap items-center gap-x-2 text-[15px] text-rim-light max-sm:min-h-16 sm:text-[16px]"
    >
      {correction && correction.taken > 0 && (
        <>
          {/* a phone's first screen has room for one sentence: what to do otherwise */}
          <p className={correction.advice ? 'max-sm:hidden' : undefined}>{correctionText(correction, pull)}</p>
          {correction.advice && <AdviceLine advice={correction.advice} dial={dial} record={record} />}
        </>
      )}
    </div>
  );
}

function AdviceLine({ advice, dial, record }: { advice: Advice; dial: number; record: RecordEvent }) {
  const units = useUnits();
  const celsius = Math.round(celsiusFromKelvin(dial)) + (advice.kind === 'dial' ? advice.by : 0);
  return (
    <p className="flex items-center gap-3 max-sm:leading-snug sm:flex-wrap">
      <span>
        {adviceText(advice, units)} {/* beside the button a phone has room for what to do, and why */}
        <span className="max-sm:hidden">{gainText(advice)}</span>
      </span>
      {advice.kind === 'dial' && (
        <Button look="light" className="shrink-0" onClick={() => record('dial-turned', { celsius })}>
          Turned to {temperatureText(celsius, units)}
        </Button>
      )}
    </p>
  );
}
