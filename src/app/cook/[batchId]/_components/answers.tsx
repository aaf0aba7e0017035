'use client';

import { useEffect } from 'react';
import { ANSWER_STEP } from '@/core/coach/observation';
import type { ColourRamp } from '@/core/food/colour-ramp';
import type { RecordEvent } from '@/core/run/batch-event';
import { foodColour } from '@/ui/colour/food-colours';
import { SWATCHES } from '@/app/_components/swatch-picker';
import { Button } from '@/ui/controls/button';
import { useUnits } from '@/ui/units-context';
import { typedMass } from '@/ui/words/typed-units';
import { MeasuredAnswer } from './measured-answer';

const LOOKS = [
  { look: 'paler', word: 'Paler', key: '1', factor: Math.exp(-ANSWER_STEP) },
  { look: 'as-shown', word: 'As shown', key: '2', factor: 1 },
  { look: 'darker', word: 'Darker', key: '3', factor: Math.exp(ANSWER_STEP) },
] as const;

/** Two-second answers to what the pieces look like, bend like and weigh. */
export function Answers({
  ramp,
  shown,
  said,
  heaviestG,
  record,
}: {
  ramp: ColourRamp;
  /** typical browning of the picture now */
  shown: number;
  /** typical crispness over that wished now */
  said: number;
  /** what the basket weighs at its heaviest by the forecast, with coats and what is added, g */
  heaviestG: number;
  record: RecordEvent;
}) {
  const unit = typedMass(useUnits());
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLInputElement || event.ctrlKey || event.metaKey || event.altKey || event.repeat)
        return;
      const answer = LOOKS.find((one) => one.key === event.key);
      if (answer) record('looked', { look: answer.look, shown });
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, [record, shown]);
  return (
    <section aria-label="How is it?" className="mt-2.5">
      <div className="grid grid-cols-3 gap-2.5">
        {LOOKS.map(({ look, word, key, factor }) => (
          <Button
            key={look}
            look="iron"
            aria-keyshortcuts={key}
            className="flex min-h-16 items-center justify-center gap-2.5 px-2 text-[19px]"
            onClick={() => record('looked', { look, shown })}
          >
            <span
              className="size-7 shrink-0 rounded-[4px] border border-ash max-sm:hidden"
              style={{ background: foodColour(ramp, Math.max(0.05, shown) * factor) }}
            />
            {word} <kbd className="text-[14px] font-normal opacity-80 pointer-coarse:hidden">{key}</kbd>
          </Button>
        ))}
      </div>
      <div
        role="group"
        aria-label="Or tap the colour that most pieces have"
        className="mt-2.5 flex flex-wrap items-center gap-1.5"
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
