'use client';

import { freshLayers } from '@/core/fryer/layers';
import { Lever } from '@/ui/controls/lever';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import type { StationProps } from './station';
import { StationCaution } from './station-caution';

/** How full the basket is. */
export function LoadStation({ document, plan, move, release }: StationProps) {
  const layers = freshLayers(plan);
  const withMass = (mass: number) => ({ ...document, mass_g: mass });
  return (
    <div className="space-y-3">
      <Lever
        label="Into the basket"
        value={document.mass_g}
        limits={[50, 1500]}
        step={10}
        unit="g"
        note={`One layer of this cut holds about ${Math.round(document.mass_g / layers / 10) * 10} g.`}
        onMove={(mass) => move(withMass(mass))}
        onRelease={(mass) => release(withMass(mass))}
      />
      <p className="text-[14px]">
        {layers <= 1
          ? 'The pieces lie side by side, with gaps for the air.'
          : `${layers.toFixed(1)} layers: what lies below is shaded from the fan until the basket is shaken.`}
      </p>
      <StationCaution>{STEP_CAUTIONS.load}</StationCaution>
    </div>
  );
}
