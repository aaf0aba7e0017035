'use client';

import { useEffect, useState } from 'react';
import type { Advice } from '@/core/coach/advice';
import type { ColourRamp } from '@/core/food/colour-ramp';
import type { BatchEventKind, EventDetail } from '@/core/cook/run-state';
import { celsiusFromKelvin } from '@/core/units/temperature';
import { foodColour } from '@/ui/colour/food-colours';
import { Button } from '@/ui/controls/button';
import { useUnits } from '@/ui/units-context';
import { temperatureText } from '@/ui/words/format';
import type { Correction } from '@/workers/coach/protocol';
import { adviceText, correctionText } from './advice-text';

/** Colour one answer away, ln browning. Source: the step of the likelihood. */
const STEP = 0.45;

const LOOKS = [
  { look: 'paler', word: 'Paler', key: '1', factor: Math.exp(-STEP) },
  { look: 'as-shown', word: 'As shown', key: '2', factor: 1 },
  { look: 'darker', word: 'Darker', key: '3', factor: Math.exp(STEP) },
] as const;

/** Two-second answers to what the pieces look like, bend like and weigh; and what the run makes of them. */
export function Answers({
  ramp,
  shown,
  said,
  massG,
  dial,
  correction,
  record,
}: {
  ramp: ColourRamp;
  /** typical browning of the picture now */
  shown: number;
  /** typical crispness over that wished now */
  said: number;
  massG: number;
  /** K on the dial now */
  dial: number;
  correction: Correction | null;
  record: (kind: BatchEventKind, detail?: EventDetail) => void;
}) {
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
    <section aria-label="How is it?" className="mt-4">
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
            {word} <kbd className="text-[14px] font-normal opacity-80">{key}</kbd>
          </Button>
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
        <Weighing massG={massG} record={record} />
      </div>
      {correction && correction.taken > 0 && (
        <div role="status" className="mt-3 text-[18px]">
          <p>{correctionText(correction)}</p>
          {correction.advice && <AdviceLine advice={correction.advice} dial={dial} record={record} />}
        </div>
      )}
    </section>
  );
}

function AdviceLine({
  advice,
  dial,
  record,
}: {
  advice: Advice;
  dial: number;
  record: (kind: BatchEventKind, detail?: EventDetail) => void;
}) {
  const units = useUnits();
  const celsius = Math.round(celsiusFromKelvin(dial)) + (advice.kind === 'dial' ? advice.by : 0);
  return (
    <p className="mt-1 flex flex-wrap items-center gap-3">
      {adviceText(advice, units)}
      {advice.kind === 'dial' && (
        <Button look="light" onClick={() => record('dial-turned', { celsius })}>
          Turned to {temperatureText(celsius, units)}
        </Button>
      )}
    </p>
  );
}

/** What the pieces weigh now: the surest measurement there is. */
function Weighing({ massG, record }: { massG: number; record: (kind: BatchEventKind, detail?: EventDetail) => void }) {
  const [typed, setTyped] = useState('');
  const grams = Number(typed.replace(',', '.'));
  const valid = typed.trim() !== '' && grams > 0 && grams <= massG * 1.2;
  return (
    <form
      className="flex items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (!valid) return;
        record('weighed', { lost: 1 - grams / massG });
        setTyped('');
      }}
    >
      <label className="flex items-center gap-2 text-[15px] text-ash">
        Weigh the pieces
        <input
          inputMode="decimal"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          aria-invalid={typed !== '' && !valid ? true : undefined}
          className="h-11 w-20 rounded-part border-2 border-rim-light bg-iron-raised px-2 text-[17px] text-enamel"
        />
        g
      </label>
      <Button look="iron" type="submit" disabled={!valid}>
        Weighed
      </Button>
    </form>
  );
}
