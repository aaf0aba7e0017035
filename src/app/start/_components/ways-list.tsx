'use client';

import { RadioGroup } from 'radix-ui';
import type { Food } from '@/core/food/food';
import type { PlanOutcome } from '@/core/forecast/plan-outcome';
import type { Way } from '@/editing/ways/way';
import type { PlanFile } from '@/schemas/plan-file';
import { useOutcomes } from '@/ui/study/study-context';
import { useUnits } from '@/ui/units-context';
import { sizesIn, wholeMinutes } from '@/ui/words/format';
import { WayPile } from './way-pile';
import { RadioRoot } from '@/ui/controls/radio-root';

/** The usual ways of a food with what each takes and gives; where cooks differ, both schools under one heading. */
export function WaysList({
  food,
  ways,
  documents,
  chosen,
  onChoose,
}: {
  food: Food;
  ways: readonly Way[];
  documents: readonly PlanFile[];
  chosen: string;
  onChoose: (id: string) => void;
}) {
  const units = useUnits();
  const outcomes = useOutcomes(documents);
  return (
    <div>
      <div className="flex items-baseline text-[13px] text-iron-soft">
        <h2 id="which-way" className="grow font-display text-[20px] font-semibold text-iron">
          Which way?
        </h2>
        <span className="w-20 text-right sm:w-28">in the fryer</span>
        <span className="w-20 text-right sm:w-24">your hands</span>
      </div>
      <RadioRoot aria-labelledby="which-way" value={chosen} onValueChange={onChoose} className="mt-1">
        {ways.map((way, i) => {
          const { school } = way;
          const opens = school !== undefined && ways.findIndex((one) => one.school === school) === i;
          return (
            <div key={way.id} className={school ? 'border-l-2 border-iron pl-2' : 'pl-2.5'}>
              {opens && <p className="pt-1.5 text-[13px]">Cooks differ here: {school}</p>}
              <RadioGroup.Item
                value={way.id}
                className="flex w-full items-center gap-3 rounded-part border-2 border-transparent px-2 py-1 text-left data-[state=checked]:border-rim data-[state=checked]:bg-rim/8"
              >
                <WayPile food={food} way={way} className="size-12 shrink-0 max-sm:hidden" />
                <span className="min-w-0 grow leading-tight">
                  <span className="block text-[15px] font-semibold text-rim">{sizesIn(way.name, units)}</span>
                  <span className="block text-[13px] text-iron-soft">{way.gives}</span>
                </span>
                <Takes outcome={outcomes[i]} loads={documents[i]!.loads.count} />
              </RadioGroup.Item>
            </div>
          );
        })}
      </RadioRoot>
    </div>
  );
}

function Takes({ outcome, loads }: { outcome: PlanOutcome | null | undefined; loads: number }) {
  if (!outcome) {
    return (
      <span className="w-24 shrink-0 text-right text-[13px] text-iron-soft sm:w-52">
        {outcome === null ? 'cannot be worked out' : 'working it out …'}
      </span>
    );
  }
  return (
    <>
      <span className="w-24 shrink-0 text-right text-[14px] sm:w-28 sm:text-[15px]">
        {loads > 1 && `${loads} × `}
        {outcome.pullTime === null ? (
          'too long'
        ) : (
          <>
            about <strong>{wholeMinutes(outcome.pullTime)}</strong> min
          </>
        )}
      </span>
      <span className="w-14 shrink-0 text-right text-[14px] sm:w-20 sm:text-[15px]">
        <strong>{Math.max(1, Math.round(outcome.handsOn / 60))}</strong> min
      </span>
    </>
  );
}
