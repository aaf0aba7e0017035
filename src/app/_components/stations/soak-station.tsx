'use client';

import { prepStep, withPrepStep } from '@/schemas/edit-plan';
import { Choice } from '@/ui/controls/choice';
import { Lever } from '@/ui/controls/lever';
import { useUnits } from '@/ui/units-context';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import { temperatureText } from '@/ui/words/format';
import type { StationProps } from './station';
import { StationCaution } from './station-caution';

const WATERS = [
  { value: 'none', word: 'No soak', waterC: null },
  { value: 'cold', word: 'Cold', waterC: 15 },
  { value: 'tap', word: 'Hot tap', waterC: 50 },
  { value: 'boiled', word: 'Freshly boiled', waterC: 90 },
] as const;

/** Sugar leaves, water is taken up, the piece takes the water's temperature. */
export function SoakStation({ document, move, release }: StationProps) {
  const units = useUnits();
  const soak = prepStep(document, 'soak');
  const rinse = prepStep(document, 'rinse');
  const minutes = (value: number) =>
    withPrepStep(document, 'soak', { step: 'soak', water_c: soak?.water_c ?? 15, minutes: value });
  const nearest = soak
    ? WATERS.filter((water) => water.waterC !== null).reduce((a, b) =>
        Math.abs(b.waterC! - soak.water_c) < Math.abs(a.waterC! - soak.water_c) ? b : a,
      ).value
    : 'none';
  return (
    <div className="space-y-3">
      <Choice
        label="Soaking water"
        value={nearest}
        options={WATERS.map((water) => ({
          value: water.value,
          word: water.word,
          note: water.waterC === null ? undefined : temperatureText(water.waterC, units),
        }))}
        onChange={(value) => {
          const { waterC } = WATERS.find((water) => water.value === value)!;
          const usual = soak?.minutes ?? (waterC === 90 ? 10 : 30);
          release(
            withPrepStep(document, 'soak', waterC === null ? null : { step: 'soak', water_c: waterC, minutes: usual }),
          );
        }}
      />
      {soak && (
        <Lever
          label="Time in the water"
          value={soak.minutes}
          limits={[1, 120]}
          step={1}
          unit="min"
          note="Longer or hotter: paler at the same minute, and less acrylamide. It costs the minutes."
          onMove={(value) => move(minutes(value))}
          onRelease={(value) => release(minutes(value))}
        />
      )}
      <Choice
        label="Rinse first"
        value={String(rinse?.changes ?? 0)}
        options={['0', '1', '2', '3'].map((value) => ({
          value,
          word: value === '0' ? 'No' : value === '1' ? 'Once' : `${value} times`,
        }))}
        onChange={(value) =>
          release(withPrepStep(document, 'rinse', value === '0' ? null : { step: 'rinse', changes: Number(value) }))
        }
      />
      {soak && soak.water_c > 60 && <StationCaution>{STEP_CAUTIONS.soak}</StationCaution>}
    </div>
  );
}
