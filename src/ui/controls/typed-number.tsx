'use client';

import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import { readNumber, type TypedUnit } from '../words/typed-units';

/** How a value was taken: as it was typed, or else why not. */
export type Clamped = string | null;

/** A number on a plate: typed, or moved by a step to either side; out of range it says what it was set to. */
export function TypedNumber({
  id,
  label,
  describedBy,
  value,
  limits,
  step,
  unit,
  typed: typedUnit,
  onRelease,
  onClamped,
}: {
  id: string;
  /** its name, for the two steps beside it */
  label: string;
  describedBy: string | undefined;
  value: number;
  limits: readonly [number, number];
  /** of the buttons beside it, in its unit */
  step: number;
  unit: string;
  /** how it is shown and typed where that is another unit */
  typed: TypedUnit | undefined;
  onRelease: (value: number) => void;
  onClamped: (why: Clamped) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const [low, high] = limits;
  const field = typedUnit ?? { unit, show: String, read: readNumber };
  const settle = (text: string) => {
    setTyped(null);
    const number = field.read(text);
    const words = (amount: number) => `${field.show(amount)} ${field.unit}`;
    if (!Number.isFinite(number)) return onClamped(`“${text}” is not a number; kept at ${words(value)}.`);
    const inside = Math.min(high, Math.max(low, number));
    onClamped(inside === number ? null : `${words(number)} is beyond what works here; set to ${words(inside)}.`);
    if (inside !== value) onRelease(inside);
  };
  const by = (steps: number) => {
    onClamped(null);
    setTyped(null);
    onRelease(Math.min(high, Math.max(low, Number((value + steps * step).toFixed(4)))));
  };
  const button = 'flex size-11 items-center justify-center text-rim disabled:text-ash';
  return (
    <span className="flex h-11 items-stretch rounded-part border-2 border-rim bg-enamel text-[15px]">
      <button
        type="button"
        aria-label={`Less: ${label}`}
        disabled={value <= low}
        onClick={() => by(-1)}
        className={`${button} -my-0.5`}
      >
        <Minus size={16} aria-hidden />
      </button>
      <label className="flex min-w-[86px] items-center justify-center gap-1 border-x border-enamel-deep px-1 font-semibold has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-rim">
        <input
          id={id}
          inputMode="decimal"
          aria-label={label}
          aria-describedby={describedBy}
          className="h-full w-12 bg-transparent text-right !outline-none"
          value={typed ?? field.show(value)}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={(event) => typed !== null && settle(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && settle(event.currentTarget.value)}
        />
        {field.unit}
      </label>
      <button
        type="button"
        aria-label={`More: ${label}`}
        disabled={value >= high}
        onClick={() => by(1)}
        className={`${button} -my-0.5`}
      >
        <Plus size={16} aria-hidden />
      </button>
    </span>
  );
}
