'use client';

import { batchYield } from '@/core/cut/batch-yield';
import { HELD_OIL, oilFactor } from '@/core/prep/browning-factor';
import { withPrepStep } from '@/schemas/edit-plan';
import { Lever } from '@/ui/controls/lever';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import { oilText, percentText } from '@/ui/words/format';
import type { StationProps } from './station';
import { StationCaution } from './station-caution';
import { oilFilmGM2 } from './station-drawing';
import { oilGrams } from './station-figure';

/** Oil by the cut surface, not by weight. */
export function CoatStation({ document, plan, move, release }: StationProps) {
  const mass = oilGrams(plan);
  const withOil = (grams: number) => withPrepStep(document, 'oil', grams > 0 ? { step: 'oil', mass_g: grams } : null);
  const surface = batchYield(plan.food, plan.cut, plan.mass).surface;
  const film = oilFilmGM2(plan);
  const held = HELD_OIL * 1000;
  return (
    <div className="space-y-3">
      <Lever
        label="Oil in the bowl"
        say={oilText(mass)}
        value={Number(mass.toFixed(1))}
        limits={[0, 60]}
        step={0.5}
        unit="g"
        note={`${Math.round(film)} g/m² on ${surface.toFixed(2)} m² of cut surface. Useful: 20 to 80 g/m², here ${Math.round(20 * surface)} to ${Math.round(80 * surface)} g.`}
        onMove={(grams) => move(withOil(grams))}
        onRelease={(grams) => release(withOil(grams))}
      />
      <p className="text-[14px]">
        {film > held
          ? `About ${Math.round((film - held) * surface)} g will drip off and fry nothing.`
          : `This film gives ${percentText(oilFactor(film / 1000))} of the browning that more oil could.`}
      </p>
      <StationCaution>{STEP_CAUTIONS.coat}</StationCaution>
    </div>
  );
}
