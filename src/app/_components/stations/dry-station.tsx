'use client';

import { FILM_AFTER } from '@/core/prep/water-film';
import { prepStep, withPrepStep } from '@/schemas/edit-plan';
import { Choice } from '@/ui/controls/choice';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import { DRYING_WORDS } from '@/ui/words/labels';
import type { StationProps } from './station';
import { StationCaution } from './station-caution';
import { waterFilmGM2 } from './station-drawing';
import { batchYield } from '@/core/cut/batch-yield';

/** Water left on the surface is boiled off first, by the same heater. */
export function DryStation({ document, plan, release }: StationProps) {
  const film = waterFilmGM2(plan);
  const grams = film * batchYield(plan.food, plan.cut, plan.mass).surface;
  return (
    <div className="space-y-3">
      <Choice
        label="Drying"
        value={prepStep(document, 'dry')?.method ?? 'none'}
        options={[
          { value: 'none' as const, word: 'Not at all' },
          ...(['drain', 'towel', 'towel-twice', 'spinner'] as const).map((method) => ({
            value: method,
            word: DRYING_WORDS[method],
            note: `${Math.round(FILM_AFTER[method] * 1000)} g/m² left`,
          })),
        ]}
        onChange={(method) =>
          release(withPrepStep(document, 'dry', method === 'none' ? null : { step: 'dry', method }))
        }
      />
      <p className="text-[14px]">
        {Math.round(film)} g/m² lie on the cut surface: {Math.round(grams)} g of water in all, to be boiled off before
        anything can brown.
      </p>
      <StationCaution>{STEP_CAUTIONS.dry}</StationCaution>
    </div>
  );
}
