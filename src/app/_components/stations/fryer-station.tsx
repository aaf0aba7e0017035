'use client';

import { Choice } from '@/ui/controls/choice';
import { PricedChoice } from '@/ui/controls/priced-choice';
import { PricedLever } from '@/ui/controls/priced-lever';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import type { PlanFile } from '@/schemas/plan-file';
import { useUnits } from '@/ui/units-context';
import { areaText } from '@/ui/words/format';
import type { StationProps } from './station';
import { StationCaution } from './station-caution';

/** Racks that the bench offers; one is a basket. */
const RACKS = [1, 2, 3] as const;

/** Which fryer, and how warm it is when the pieces go in. */
export function FryerStation({ document, fryers, fryerId, chooseFryer, move, release }: StationProps) {
  const withFryer = (part: Partial<PlanFile['fryer']>): PlanFile => ({
    ...document,
    fryer: { ...document.fryer, ...part },
  });
  const units = useUnits();
  const withPreheat = (minutes: number) =>
    withFryer({ preheat: minutes > 0 ? { minutes, temperature_c: document.cook.stages[0]!.temperature_c } : null });
  return (
    <div className="space-y-3">
      <Choice
        label="Fryer"
        value={fryerId}
        options={fryers.map((fryer) => ({
          value: fryer.id,
          word: fryer.name,
          note: `${Math.round(fryer.powerW)} W, ${areaText(fryer.basketCm2, units)}`,
        }))}
        onChange={(id) => {
          const fryer = fryers.find((candidate) => candidate.id === id);
          if (fryer) chooseFryer(fryer);
        }}
      />
      <PricedLever
        label="Preheat"
        value={document.fryer.preheat?.minutes ?? 0}
        limits={[0, 10]}
        step={1}
        unit="min"
        nudge={3}
        note="To the temperature of the first stage; 0 is a cold start."
        document={document}
        withValue={withPreheat}
        move={move}
        release={release}
      />
      <PricedChoice
        label="Inside"
        value={String(document.fryer.racks ?? 1)}
        document={document}
        options={RACKS.map((racks) => ({
          value: String(racks),
          word: racks === 1 ? 'A basket' : `${racks} racks`,
          document: withFryer({ racks: racks === 1 ? undefined : racks }),
        }))}
        onChoose={release}
      />
      <PricedChoice
        label="Under the food"
        value={document.fryer.liner ? 'liner' : 'grate'}
        document={document}
        options={[
          { value: 'grate', word: 'The bare grate', document: withFryer({ liner: undefined }) },
          { value: 'liner', word: 'A liner', document: withFryer({ liner: true }) },
        ]}
        onChoose={release}
      />
      <StationCaution>{STEP_CAUTIONS.fryer}</StationCaution>
    </div>
  );
}
