'use client';

import { useState } from 'react';
import { Button } from '@/ui/controls/button';
import type { TypedUnit } from '@/ui/words/typed-units';

/** A number that a cook measured, in the kitchen's unit, and the button that tells it. */
export function MeasuredAnswer({
  label,
  word,
  typed: { unit, read },
  isPlausible,
  onTell,
}: {
  label: string;
  word: string;
  typed: TypedUnit;
  /** of a number in the plan's own unit */
  isPlausible: (value: number) => boolean;
  onTell: (value: number) => void;
}) {
  const [text, setText] = useState('');
  const value = read(text);
  const valid = text.trim() !== '' && isPlausible(value);
  return (
    <form
      className="flex flex-wrap items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (!valid) return;
        onTell(value);
        setText('');
      }}
    >
      <label className="flex items-center gap-2">
        {label}
        <input
          inputMode="decimal"
          value={text}
          onChange={(event) => setText(event.target.value)}
          aria-invalid={text !== '' && !valid ? true : undefined}
          className="h-11 w-20 rounded-part border-2 border-rim-light bg-iron-raised px-2 text-[17px] text-enamel"
        />
        {unit}
      </label>
      <Button look="iron" type="submit" disabled={!valid}>
        {word}
      </Button>
    </form>
  );
}
