'use client';

import { Choice } from '@/ui/controls/choice';
import { Lever } from '@/ui/controls/lever';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import type { PlanFile } from '@/schemas/plan-file';
import type { StationProps } from './station';
import { StationCaution } from './station-caution';

/** Which fryer, and how warm it is when the pieces go in. */
export function FryerStation({ document, fryers, fryerId, chooseFryer, move, release }: StationProps) {
  const withPreheat = (minutes: number): PlanFile => ({
    ...document,
    fryer: {
      ...document.fryer,
      preheat: minutes > 0 ? { minutes, temperature_c: document.cook.stages[0]!.temperature_c } : null,
    },
  });
  return (
    <div className="space-y-3">
      <Choice
        label="Fryer"
        value={fryerId}
        options={fryers.map((fryer) => ({
          value: fryer.id,
          word: fryer.name,
          note: `${Math.round(fryer.powerW)} W, ${Math.round(fryer.basketCm2)} cm²`,
        }))}
        onChange={(id) => {
          const fryer = fryers.find((candidate) => candidate.id === id);
          if (fryer) chooseFryer(fryer);
        }}
      />
      <Lever
        label="Preheat"
        value={document.fryer.preheat?.minutes ?? 0}
        limits={[0, 10]}
        step={1}
        unit="min"
        note="To the temperature of the first stage; 0 is a cold start."
        onMove={(minutes) => move(withPreheat(minutes))}
        onRelease={(minutes) => release(withPreheat(minutes))}
      />
      <StationCaution>{STEP_CAUTIONS.fryer}</StationCaution>
    </div>
  );
}
