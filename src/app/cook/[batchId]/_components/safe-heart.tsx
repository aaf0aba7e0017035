'use client';

import type { RecordEvent } from '@/core/run/batch-event';
import { Button } from '@/ui/controls/button';
import type { DeviceState } from '@/ui/devices/use-devices';
import { useUnits } from '@/ui/units-context';
import { temperatureText } from '@/ui/words/format';
import { typedTemperature } from '@/ui/words/typed-units';
import { MeasuredAnswer } from './measured-answer';

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
  record: RecordEvent;
}) {
  const units = useUnits();
  const shown = probe?.kind === 'read' && probe.trust === 'fine' ? probe.report.centre_c : null;
  const isSafe = probed !== null && probed >= safe;
  return (
    <section aria-label="Safe at the heart" className="mt-2 rounded-part border-2 border-oil p-3 text-[18px]">
      <p role="status">
        {isSafe
          ? `Safe: ${temperatureText(probed, units)} at the heart. Probe the thickest two more before you serve.`
          : `Not colour but the probe ends this run: ${temperatureText(safe, units)} at the heart of the thickest piece. ${probed === null ? 'Not probed yet.' : `So far ${temperatureText(probed, units)}.`}`}
      </p>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <MeasuredAnswer
          label="Probe shows"
          word="Probed"
          typed={typedTemperature(units)}
          isPlausible={(celsius) => celsius > -40 && celsius < 400}
          onTell={(celsius) => record('probed', { celsius })}
        />
        {shown !== null && (
          <Button look="light" onClick={() => record('probed', { celsius: shown })}>
            Take the probe’s {temperatureText(shown, units)}
          </Button>
        )}
      </div>
    </section>
  );
}
