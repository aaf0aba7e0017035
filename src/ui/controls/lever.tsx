'use client';

import { Slider } from 'radix-ui';
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
            onMove(next!);
          }}
          onValueCommit={([next]) => onRelease(next!)}
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
