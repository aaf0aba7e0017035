'use client';

import { pullTimeIn } from '@/core/forecast/pull-time-in';
import { newAfterSteps, newPrepSteps } from '@/editing/edit-steps';
import { useUnits } from '@/ui/units-context';
import { temperatureText, wholeMinutes } from '@/ui/words/format';
import type { StationProps } from './station';
import { StepList } from './step-list';

/** The whole job in the order done. */
export function StepsStation(props: StationProps) {
  const { document, forecast } = props;
  const units = useUnits();
  const pull = pullTimeIn(forecast);
  return (
    <div className="space-y-4">
      {document.prep.length === 0 && <p className="text-[15px]">Straight from the board into the basket.</p>}
      <StepList
        {...props}
        list="prep"
        label="Before the last cook"
        addWords="Add a step before"
        offered={newPrepSteps(document.mass_g)}
      />
      <p className="rounded-part border-2 border-rim px-3 py-2 text-[15px]">
        <span className="font-display font-semibold">Cook</span>{' '}
        {document.cook.stages.map((stage) => temperatureText(stage.temperature_c, units)).join(', then ')}
        {pull === null ? '; not done within the stages' : `; pull after about ${wholeMinutes(pull)} min`}
      </p>
      <StepList
        {...props}
        list="after"
        label="After the last cook"
        addWords="Add a step after"
        offered={newAfterSteps(document.mass_g)}
      />
    </div>
  );
}
