'use client';

import clsx from 'clsx';
import { Slider } from 'radix-ui';
import { useId, useState } from 'react';
import { readNumber, type TypedUnit } from '../words/typed-units';

/** A number with a slider and a field to type in. Moving re-forecasts at once; letting go saves. */
export function Lever({
  label,
  value,
  limits,
  step,
  unit,
  typed: typedUnit,
  say,
  note,
  prices,
  onMove,
  onRelease,
}: {
  label: string;
  value: number;
  limits: readonly [number, number];
  step: number;
  /** unit of the number */
  unit: string;
  /** how it is shown and typed where that is another unit */
  typed?: TypedUnit;
  /** the value in the cook's own words and units, shown beside the name */
  say?: string;
  note?: string;
  /** what neighbouring values would change; touching one goes there */
  prices?: readonly { readonly value: number; readonly word: string; readonly price: string }[];
  onMove: (value: number) => void;
  onRelease: (value: number) => void;
}) {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [clamped, setClamped] = useState<string | null>(null);
  const [low, high] = limits;
  const field = typedUnit ?? { unit, show: String, read: readNumber };

  const settle = (text: string) => {
    setTyped(null);
    const number = field.read(text);
    const words = (amount: number) => `${field.show(amount)} ${field.unit}`;
    if (!Number.isFinite(number)) {
      setClamped(`“${text}” is not a number; kept at ${words(value)}.`);
      return;
    }
    const inside = Math.min(high, Math.max(low, number));
    setClamped(inside === number ? null : `${words(number)} is beyond what works here; set to ${words(inside)}.`);
    if (inside !== value) onRelease(inside);
  };

  return (
    <div>
      <div className="flex items-baseline justify-between gap-3">
        <label id={`${id}-label`} htmlFor={id} className="text-[14px] font-semibold">
          {label}
          {say && <span className="ml-2 font-normal text-iron-soft">{say}</span>}
        </label>
        <span className="flex items-baseline gap-1 text-[14px]">
          <input
            id={id}
            inputMode="decimal"
            aria-describedby={clamped || note ? `${id}-note` : undefined}
            className="h-11 w-16 rounded-part border-2 border-enamel-deep bg-white px-2 text-right"
            value={typed ?? field.show(value)}
            onChange={(event) => setTyped(event.target.value)}
            onBlur={(event) => typed !== null && settle(event.target.value)}
            onKeyDown={(event) => event.key === 'Enter' && settle(event.currentTarget.value)}
          />
          {field.unit}
        </span>
      </div>
      <Slider.Root
        className="relative flex h-11 touch-none items-center select-none"
        value={[value]}
        min={low}
        max={high}
        step={step}
        onValueChange={([next]) => {
          setClamped(null);
          onMove(next!);
        }}
        onValueCommit={([next]) => onRelease(next!)}
      >
        <Slider.Track className="relative h-1.5 grow rounded-full bg-enamel-deep shadow-[inset_0_1px_1px_rgb(27_30_34/0.25)]">
          <Slider.Range className="absolute h-full rounded-full bg-rim" />
        </Slider.Track>
        <Slider.Thumb
          aria-labelledby={`${id}-label`}
          className="block size-7 rounded-full border-[3px] border-rim bg-enamel"
        />
      </Slider.Root>
      {prices && prices.length > 0 && (
        <div className="-mt-1 flex flex-wrap gap-x-4">
          {prices.map((price) => (
            <button
              key={price.word}
              type="button"
              onClick={() => onRelease(price.value)}
              className="-my-1 min-h-11 text-left text-[13px] text-rim underline-offset-4 hover:underline"
            >
              <span className="font-semibold">{price.word}</span>: <span className="italic">{price.price}</span>
            </button>
          ))}
        </div>
      )}
      {(clamped ?? note) && (
        <p
          id={`${id}-note`}
          role={clamped ? 'status' : undefined}
          className={clsx('text-[13px] text-iron-soft', !prices?.length && '-mt-1')}
        >
          {clamped ?? note}
        </p>
      )}
    </div>
  );
}
