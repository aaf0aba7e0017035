'use client';

import { Slider } from 'radix-ui';
import { useRef } from 'react';
import { SizedControl, type SizedProps } from './sized-control';

/** A number with a slider and a field to type in. Moving re-forecasts at once; letting go saves. */
export function Lever({
  step,
  stepBy,
  onMove,
  ...sized
}: SizedProps & {
  readonly step: number;
  /** of the buttons beside the number, where the slider's own step is too fine */
  readonly stepBy?: number;
}) {
  const { value, limits, onRelease } = sized;
  /** where it was last moved to and not yet let go */
  const held = useRef<number | null>(null);
  const letGo = (at: number | null) => {
    held.current = null;
    if (at !== null) onRelease(at);
  };
  return (
    <SizedControl {...sized} stepBy={stepBy ?? step}>
      {(labelId, moved) => (
        <Slider.Root
          className="relative flex h-11 touch-none items-center select-none"
          value={[value]}
          min={limits[0]}
          max={limits[1]}
          step={step}
          onValueChange={([next]) => {
            moved();
            held.current = next!;
            onMove(next!);
          }}
          onValueCommit={([next]) => letGo(next!)}
          /* brought back to where it was, or taken away by a scroll, it commits nothing, but it is let go all the same */
          onLostPointerCapture={() => letGo(held.current)}
        >
          <Slider.Track className="relative h-1.5 grow rounded-full bg-enamel-deep shadow-[inset_0_1px_1px_rgb(27_30_34/0.25)]">
            <Slider.Range className="absolute h-full rounded-full bg-rim" />
          </Slider.Track>
          <Slider.Thumb
            aria-labelledby={labelId}
            className="block size-7 rounded-full border-[3px] border-rim bg-enamel"
          />
        </Slider.Root>
      )}
    </SizedControl>
  );
}
