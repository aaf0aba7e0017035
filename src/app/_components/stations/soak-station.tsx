'use client';

import { prepStep, withPrepStep } from '@/editing/edit-plan';
import type { PlanFile } from '@/schemas/plan-file';
import { PricedChoice } from '@/ui/controls/priced-choice';
import { PricedLever } from '@/ui/controls/priced-lever';
import { useUnits } from '@/ui/units-context';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import { percentText, temperatureText } from '@/ui/words/format';
import { OutcomeTable } from './outcome-table';
import type { StationProps } from './station';
import { StationCaution } from './station-caution';
import { outerRamp } from '@/core/plan/outer-ramp';

/** The schools, each as it is usually done. */
const SCHOOLS = [
  { value: 'none', word: 'No soak, no rinse', rinses: 0, waterC: null, minutes: 0 },
  { value: 'rinse', word: 'Rinse until clear', rinses: 3, waterC: null, minutes: 0 },
  { value: 'cold', word: 'Cold soak', rinses: 0, waterC: 15, minutes: 30 },
  { value: 'tap', word: 'Hot tap', rinses: 0, waterC: 50, minutes: 15 },
  { value: 'boiled', word: 'Freshly boiled', rinses: 0, waterC: 90, minutes: 10 },
] as const;

type School = (typeof SCHOOLS)[number];

function withSchool(document: PlanFile, school: School): PlanFile {
  const rinsed = withPrepStep(document, 'rinse', school.rinses ? { step: 'rinse', changes: school.rinses } : null);
  const { waterC, minutes } = school;
  return withPrepStep(rinsed, 'soak', waterC === null ? null : { step: 'soak', water_c: waterC, minutes });
}

/** Which school a plan follows. */
function schoolOf(document: PlanFile): School['value'] {
  const soak = prepStep(document, 'soak');
  if (!soak) return prepStep(document, 'rinse') ? 'rinse' : 'none';
  if (soak.water_c > 65) return 'boiled';
  return soak.water_c > 30 ? 'tap' : 'cold';
}

/** Sugar leaves, water is taken up, the piece takes the water's temperature. */
export function SoakStation({ document, plan, forecast, move, release }: StationProps) {
  const units = useUnits();
  const soak = prepStep(document, 'soak');
  const withMinutes = (minutes: number) =>
    withPrepStep(document, 'soak', { step: 'soak', water_c: soak?.water_c ?? 15, minutes });
  const left = forecast?.record.prepared.sugarLeft;
  const current = schoolOf(document);
  const ways = SCHOOLS.map((school) => ({
    value: school.value,
    word: school.word,
    note: school.waterC === null ? undefined : `${temperatureText(school.waterC, units)}, ${school.minutes} min`,
    document: school.value === current ? document : withSchool(document, school),
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
