'use client';

import { TriangleAlert } from 'lucide-react';
import { useMemo } from 'react';
import type { Forecast } from '@/core/forecast/forecast';
import type { Warning } from '@/core/forecast/warning';
import { mendOf } from '@/editing/mend';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { useOutcomes } from '@/ui/study/study-context';
import { useUnits } from '@/ui/units-context';
import { mendText } from '@/ui/words/mend-text';
import { priceOf } from '@/ui/words/price-text';
import { warningText } from '@/ui/words/warning-text';

/** What is likely to go wrong, each with what would mend it and what that brings. */
export function WarningList({
  forecast: { warnings, pull },
  document,
  readPlan,
  release,
}: {
  forecast: Pick<Forecast, 'warnings' | 'pull'>;
  document: PlanFile;
  /** the plan that a mend changes, which `document` may lag behind */
  readPlan: () => { document: PlanFile };
  release: (document: PlanFile) => void;
}) {
  const units = useUnits();
  const pullMinute = pull.time / 60;
  const mends = useMemo(
    () => warnings.map((warning) => mendOf(warning, document, pullMinute)),
    [warnings, document, pullMinute],
  );
  const take = (warning: Warning) => {
    const mend = mendOf(warning, readPlan().document, pullMinute);
    if (mend) release(mend.document);
  };
  const [base, ...mended] = useOutcomes([document, ...mends.map((mend) => mend?.document ?? document)]);
  if (warnings.length === 0) return null;
  return (
    <ul className="mt-3 space-y-2" aria-label="Warnings">
      {warnings.map((warning, i) => {
        const mend = mends[i];
        const outcome = mended[i];
        return (
          <li key={`${warning.code}-${i}`} className="flex gap-2 text-[14px] leading-snug">
            <TriangleAlert size={16} className="mt-0.5 shrink-0 text-alarm" aria-hidden />
            <div>
              {warningText(warning, units)}
              {mend && (
                <span className="mt-1 flex flex-wrap items-center gap-x-3">
                  <Button className="!min-h-11 !py-1 text-[14px]" onClick={() => take(warning)}>
                    {mendText(mend, units)}
                  </Button>
                  <span className="text-[13px] text-iron-soft italic">{priceOf(base, outcome, 3)}</span>
                </span>
              )}
            </div>
          </li>
        );
      })}
    </ul>
  );
}
