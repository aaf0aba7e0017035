'use client';

import type { Bite } from '@/core/coach/observation';
import type { ColourRamp } from '@/core/food/colour-ramp';
import type { RecordEvent } from '@/core/run/batch-event';
import { foodColour } from '@/ui/colour/food-colours';
import { SWATCHES } from '@/app/_components/swatches';
import { Button } from '@/ui/controls/button';
import { useUnits } from '@/ui/units-context';
import { typedMass } from '@/ui/words/typed-units';
import { MeasuredAnswer } from './measured-answer';

const BITES: readonly { readonly bite: Bite; readonly words: string }[] = [
  { bite: 'softer', words: 'Softer than said' },
  { bite: 'as-said', words: 'As said' },
  { bite: 'crisper', words: 'Crisper' },
];

/** What else can be told of the pieces: the colour of most, how they bend, what they weigh. */
export function Answers({
  ramp,
  said,
  heaviestG,
  record,
}: {
  ramp: ColourRamp;
  /** typical crispness over that wished now; null while it is not known */
  said: number | null;
  /** what the basket weighs at its heaviest by the forecast, with coats and what is added, g; null while it is not known */
  heaviestG: number | null;
  record: RecordEvent;
}) {
  const unit = typedMass(useUnits());
  return (
    <section aria-label="How is it?" className="mt-2.5">
      <div
        role="group"
        aria-label="Or tap the colour that most pieces have"
        className="flex flex-wrap items-center gap-1.5"
      >
        <span className="mr-1 text-[15px] text-ash">Most are:</span>
        {SWATCHES.map(({ browning, word }) => (
          <button
            key={word}
            type="button"
            onClick={() => record('looked', { browning })}
            className="flex min-h-11 items-center gap-1.5 rounded-part border-2 border-iron-line px-2 text-[15px]"
          >
            <span
              className="size-6 rounded-[3px] border border-ash"
              style={{ background: foodColour(ramp, browning) }}
            />
            {word}
          </button>
        ))}
      </div>
      <div className="mt-2.5 flex flex-wrap items-center gap-2.5">
        <span className="text-[15px] text-ash">Bend one:</span>
        {BITES.map(({ bite, words }) => (
          <Button
            key={bite}
            look="iron"
            disabled={said === null}
            onClick={() => said !== null && record('bent', { bite, said })}
          >
            {words}
          </Button>
        ))}
        <Button look="iron" onClick={() => record('stuck')}>
          Stuck or broke
        </Button>
        <div className="text-[15px] text-ash">
          {/* what the pieces weigh tells the water lost: the surest measurement there is */}
          <MeasuredAnswer
            label="Weigh the pieces"
            word="Weighed"
            typed={unit}
            isPlausible={(grams) => heaviestG !== null && grams > 0 && grams <= heaviestG * 1.2}
            onTell={(grams) => record('weighed', { grams })}
          />
        </div>
      </div>
    </section>
  );
}
