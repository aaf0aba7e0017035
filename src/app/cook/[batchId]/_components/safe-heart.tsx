'use client';

import { useState } from 'react';
import type { BatchEventKind, EventDetail } from '@/core/cook/run-state';
import { Button } from '@/ui/controls/button';
import type { DeviceState } from '@/ui/devices/use-devices';
import { useUnits } from '@/ui/units-context';
import { temperatureText } from '@/ui/words/format';
import { typedTemperature } from '@/ui/words/typed-units';

/** Meat and fish: the heart's temperature ends the run, and what was probed so far. °C. */
export function SafeHeart({
  safe,
  probed,
  probe,
  record,
}: {
  safe: number;
  probed: number | null;
  probe: DeviceState<'probe'> | null;
  record: (kind: BatchEventKind, detail?: EventDetail) => void;
}) {
  const units = useUnits();
  const typed = typedTemperature(units);
  const [text, setText] = useState('');
  const celsius = typed.read(text);
  const valid = text.trim() !== '' && celsius > -40 && celsius < 400;
  const shown = probe?.kind === 'read' && probe.trust === 'fine' ? probe.report.centre_c : null;
  const isSafe = probed !== null && probed >= safe;
  return (
    <section aria-label="Safe at the heart" className="mt-2 rounded-part border-2 border-oil p-3 text-[18px]">
      <p role="status">
        {isSafe
          ? `Safe: ${temperatureText(probed, units)} at the heart. Probe the thickest two more before you serve.`
          : `Not colour but the probe ends this run: ${temperatureText(safe, units)} at the heart of the thickest piece. ${probed === null ? 'Not probed yet.' : `So far ${temperatureText(probed, units)}.`}`}
      </p>
      <form
        className="mt-1 flex flex-wrap items-center gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (!valid) return;
          record('probed', { celsius });
          setText('');
        }}
      >
        <label className="flex items-center gap-2">
          Probe shows
          <input
            inputMode="decimal"
            value={text}
            onChange={(event) => setText(event.target.value)}
            className="h-11 w-20 rounded-part border-2 border-rim-light bg-iron-raised px-2 text-enamel"
          />
          {typed.unit}
        </label>
        <Button look="iron" type="submit" disabled={!valid}>
          Probed
        </Button>
        {shown !== null && (
          <Button look="light" onClick={() => record('probed', { celsius: shown })}>
            Take the probe’s {temperatureText(shown, units)}
          </Button>
        )}
      </form>
    </section>
  );
}
