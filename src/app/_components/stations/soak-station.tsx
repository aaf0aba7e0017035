'use client';

import { prepStep, withPrepStep } from '@/editing/edit-plan';
import { SOAKS, soakOf, withSoak } from '@/editing/soaks';
import { PricedChoice } from '@/ui/controls/priced-choice';
import { PricedLever } from '@/ui/controls/priced-lever';
import { useUnits } from '@/ui/units-context';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import { percentText, temperatureText } from '@/ui/words/format';
import { OutcomeTable } from './outcome-table';
import type { StationProps } from './station';
import { StationCaution } from './station-caution';
import { outerRamp } from '@/core/plan/outer-ramp';

/** Sugar leaves, water is taken up, the piece takes the water's temperature. */
export function SoakStation({ document, plan, forecast, move, release }: StationProps) {
  const units = useUnits();
  const soak = prepStep(document, 'soak');
  const withMinutes = (minutes: number) =>
    withPrepStep(document, 'soak', { step: 'soak', water_c: soak?.water_c ?? 15, minutes });
  const left = forecast?.record.prepared.sugarLeft;
  const current = soakOf(document);
  const ways = SOAKS.map((way) => ({
    value: way.value,
    word: way.word,
    note: way.waterC === null ? undefined : `${temperatureText(way.waterC, units)}, ${way.minutes} min`,
    document: way.value === current ? document : withSoak(document, way),
  }));
  return (
    <div className="space-y-3">
      <PricedChoice label="Cooks differ here" value={current} document={document} options={ways} onChoose={release} />
      <OutcomeTable caption="How each turns out" ways={ways} document={document} ramp={outerRamp(plan)} />
      {soak && (
        <PricedLever
          label="Time in the water"
          value={soak.minutes}
          limits={[1, 120]}
          step={1}
          unit="min"
          nudge={15}
          document={document}
          withValue={withMinutes}
          move={move}
          release={release}
        />
      )}
      {left !== undefined && (
        <p className="text-[14px]">
          {percentText(left)} of the sugar near the surface is left when the pieces go in. Left overnight they sour and
          spoil: not longer than a few hours, and cold.
        </p>
      )}
      {soak && soak.water_c > 60 && <StationCaution>{STEP_CAUTIONS.soak}</StationCaution>}
    </div>
  );
}
