'use client';

import { RadioGroup } from 'radix-ui';
import { useId } from 'react';
import type { ColourRamp } from '@/core/food/colour-ramp';
import { foodColour } from '@/ui/colour/food-colours';
import { nearestSwatch, SWATCHES } from './swatches';
import { RadioRoot } from '@/ui/controls/radio-root';

/** The colour of most pieces, by tapping the nearest swatch of the food's own ramp. */
export function SwatchPicker({
  ramp,
  value,
  onChange,
}: {
  ramp: ColourRamp;
  value: number | null;
  onChange: (browning: number) => void;
}) {
  const id = useId();
  const nearest = value === null ? null : nearestSwatch(value);
  return (
    <div>
      <span id={id} className="mb-1 block text-[14px] font-semibold">
        Colour of most pieces: tap the nearest
      </span>
      <RadioRoot
        aria-labelledby={id}
        value={nearest === null ? '' : String(nearest.browning)}
        onValueChange={(next) => onChange(Number(next))}
        className="flex flex-wrap gap-1.5"
      >
        {SWATCHES.map((swatch) => (
          <RadioGroup.Item
            key={swatch.browning}
            value={String(swatch.browning)}
            className="rounded-part border-2 border-enamel-deep bg-paper p-1 text-[13px] data-[state=checked]:border-rim data-[state=checked]:font-bold data-[state=checked]:ring-2 data-[state=checked]:ring-rim"
          >
            <span
              className="block h-10 w-[76px] rounded-[3px] max-sm:w-16"
              style={{ background: foodColour(ramp, swatch.browning) }}
            />
            {swatch.word}
          </RadioGroup.Item>
        ))}
      </RadioRoot>
    </div>
  );
}
