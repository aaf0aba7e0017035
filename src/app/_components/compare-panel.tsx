'use client';

import { useMemo } from 'react';
import { BeginTrial } from './begin-trial';
import type { PlanFile } from '@/schemas/plan-file';
import { planFromFile } from '@/schemas/plan-from-file';
import { Button } from '@/ui/controls/button';
import { ColourField } from '@/ui/field/colour-field';
import { fieldParts } from '@/ui/field/field-parts';
import { useOutcomes } from '@/ui/study/study-context';
import { useUnits } from '@/ui/units-context';
import { useWholeForecast } from '@/ui/use-forecast';
import { pullText, windowText } from '@/ui/words/forecast-text';
import { planDifferences } from '@/ui/words/plan-differences';
import { priceText } from '@/ui/words/price-text';

/** The pinned plan beside the one on the bench: both fields, where they differ, and what that does. */
export function ComparePanel({
  pinned,
  document,
  swap,
  unpin,
  fryerId,
}: {
  pinned: PlanFile;
  document: PlanFile;
  swap: () => void;
  unpin: () => void;
  /** in which a trial of both would be cooked */
  fryerId: string;
}) {
  const units = useUnits();
  const plan = useMemo(() => planFromFile(pinned), [pinned]);
  const parts = useMemo(() => fieldParts(plan), [plan]);
  const live = useWholeForecast(pinned);
  const [there, here] = useOutcomes([pinned, document]);
  const differences = planDifferences(pinned, document, units);
  return (
    <section aria-label="Both ways" className="border-t-2 border-enamel-deep py-3">
      <div className="flex flex-wrap items-center gap-x-4 px-7">
        <h2 className="text-[20px]">Pinned: {live.forecast ? pullText(live.forecast).toLowerCase() : pinned.name}</h2>
        <span className="ml-auto flex gap-2">
          <Button onClick={swap}>Swap</Button>
          <Button look="quiet" onClick={unpin}>
            Unpin
          </Button>
        </span>
      </div>
      {live.forecast && (
        <>
          <p className="px-7 text-[15px]">{windowText(live.forecast)}</p>
          <ColourField forecast={live.forecast} parts={parts} stages={plan.stages} openings={plan.events} height={90} />
        </>
      )}
      <div className="px-7">
        {differences.length === 0 ? (
          <p className="mt-2 text-[14px] text-iron-soft">
            Both plans are the same so far. Move a lever to see the difference.
          </p>
        ) : (
          <>
            <table className="mt-2 w-full border-collapse text-[14px]">
              <thead>
                <tr className="border-b-2 border-enamel-deep text-left">
                  <th scope="col">Differs in</th>
                  <th scope="col">Pinned</th>
                  <th scope="col">On the bench</th>
                </tr>
              </thead>
              <tbody>
                {differences.map(({ what, one, other }) => (
                  <tr key={what} className="border-b border-enamel-deep align-top">
                    <th scope="row" className="py-1 pr-3 text-left font-normal text-iron-soft">
                      {what}
                    </th>
                    <td className="py-1 pr-3">{one}</td>
                    <td className="py-1">{other}</td>
                  </tr>
                ))}
              </tbody>
            </table>
            <p className="mt-2 text-[15px]" role="status">
              {there && here ? `The bench against the pinned plan: ${priceText(there, here, 5)}.` : 'Comparing …'}
            </p>
            <BeginTrial pinned={pinned} document={document} differences={differences} fryerId={fryerId} />
          </>
        )}
      </div>
    </section>
  );
}
