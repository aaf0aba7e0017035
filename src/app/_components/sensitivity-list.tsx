'use client';

import { memo, useEffect, useState } from 'react';
import { heaviest, type Sensitivity } from '@/core/forecast/sensitivity';
import type { PlanFile } from '@/schemas/plan-file';
import { useStudy } from '@/ui/study/study-context';
import { useUnits } from '@/ui/units-context';
import { sensitivityText } from '@/ui/words/sensitivity-text';

/** Things shown. */
const SHOWN = 3;

/** Rest after the last change before it is worked out, ms. */
const SETTLE = 900;

/** The three slips that would change this batch most, worked out beside once nothing moves. */
export const SensitivityList = memo(function SensitivityList({ document }: { document: PlanFile }) {
  const study = useStudy();
  const units = useUnits();
  const [found, setFound] = useState<Sensitivity[] | null>(null);
  useEffect(() => {
    if (!study) return;
    let callOff = () => {};
    const timer = setTimeout(() => {
      callOff = study.sensitivity(document, setFound);
    }, SETTLE);
    return () => {
      clearTimeout(timer);
      callOff();
    };
  }, [study, document]);
  return (
    <section className="mt-3 px-0" aria-label="What would change it most">
      <h3 className="text-[15px]">What would change it most</h3>
      <div className="mt-0.5 min-h-[63px] text-[14px]">
        {found ? (
          <ol>
            {heaviest(found, SHOWN).map((one) => (
              <li key={one.factor}>{sensitivityText(one, units)}</li>
            ))}
          </ol>
        ) : (
          <p>Trying what may slip …</p>
        )}
      </div>
    </section>
  );
});
