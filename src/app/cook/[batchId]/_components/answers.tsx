'use client';

import type { ColourRamp } from '@/core/food/colour-ramp';
import type { RecordEvent } from '@/core/run/batch-event';
import { foodColour } from '@/ui/colour/food-colours';
import { SWATCHES } from '@/app/_components/swatches';
import { Button } from '@/ui/controls/button';
import { useUnits } from '@/ui/units-context';
import { typedMass } from '@/ui/words/typed-units';
import { MeasuredAnswer } from './measured-answer';

/** What else can be told of the pieces: the colour of most, how they bend, what they weigh. */
export function Answers({
  ramp,
  said,
  heaviestG,
  record,
}: {
  ramp: ColourRamp;
  /** typical crispness over that wished now */
  said: number;
  /** what the basket weighs at its heaviest by the forecast, with coats and what is added, g */
  heaviestG: number;
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
        <Button look="iron" onClick={() => record('bent', { bite: 'softer', said })}>
          Softer than said
        </Button>
        <Button look="iron" onClick={() => record('bent', { bite: 'as-said', said })}>
          As said
        </Button>
        <Button look="iron" onClick={() => record('bent', { bite: 'crisper', said })}>
          Crisper
        </Button>
        <Button look="iron" onClick={() => record('stuck')}>
          Stuck or broke
        </Button>
        <div className="text-[15px] text-ash">
          {/* what the pieces weigh tells the water lost: the surest measurement there is */}
          <MeasuredAnswer
            label="Weigh the pieces"
            word="Weighed"
            typed={unit}
            isPlausible={(grams) => grams > 0 && grams <= heaviestG * 1.2}
            onTell={(grams) => record('weighed', { grams })}
          />
        </div>
      </div>
    </section>
  );
}
