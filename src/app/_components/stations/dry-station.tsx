'use client';

import { batchYield } from '@/core/cut/batch-yield';
import { FILM_AFTER } from '@/core/prep/water-film';
import { prepStep, withPrepStep } from '@/editing/edit-plan';
import { PricedChoice } from '@/ui/controls/priced-choice';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import { useUnits } from '@/ui/units-context';
import { filmText, massText } from '@/ui/words/format';
import { DRYING_WORDS } from '@/ui/words/labels';
import { OutcomeTable } from './outcome-table';
import type { StationProps } from './station';
import { StationCaution } from './station-caution';
import { waterFilmGM2 } from './station-drawing';
import { outerRamp } from '@/core/plan/outer-ramp';

/** The ladder of drying, wettest first. */
const LADDER = ['drain', 'towel', 'spinner', 'towel-twice', 'steam-dry', 'air'] as const;

/** Water left on the surface is boiled off first, by the same heater. */
export function DryStation({ document, plan, release }: StationProps) {
  const units = useUnits();
  const film = waterFilmGM2(plan);
  const grams = film * batchYield(plan.food, plan.cut, plan.mass).surface;
  const current = prepStep(document, 'dry')?.method ?? 'none';
  const ways = [
    {
      value: 'none' as const,
      word: 'Not at all',
      note: undefined,
      document: current === 'none' ? document : withPrepStep(document, 'dry', null),
    },
    ...LADDER.map((method) => ({
      value: method,
      word: DRYING_WORDS[method],
      note:
        method === 'steam-dry' || method === 'air'
          ? 'by its own heat and the room’s air'
          : `${filmText(FILM_AFTER[method] * 1000, units)} left`,
      document: current === method ? document : withPrepStep(document, 'dry', { step: 'dry', method }),
    })),
  ];
  return (
    <div className="space-y-3">
      <PricedChoice label="Drying" value={current} document={document} options={ways} onChoose={release} />
      <OutcomeTable caption="How each turns out" ways={ways} document={document} ramp={outerRamp(plan)} />
      <p className="text-[14px]">
        {filmText(film, units)} lie on the cut surface: {massText(grams, units)} of water in all, to be boiled off
        before anything can brown. Wipe the bowl as well, or it goes back on.
      </p>
      <StationCaution>{STEP_CAUTIONS.dry}</StationCaution>
    </div>
  );
}
