'use client';

import { useId, useState } from 'react';
import { useUnits } from '../units-context';
import { isWholeTime, readTimeOfDay, timeOfDayText } from '../words/time-of-day';

/** A time of day on a plate that can be changed: typed as cooks write it, moved by arrow keys a quarter of an hour. */
export function TimeField({
  label,
  value,
  onChange,
}: {
  label: string;
  /** HH:MM */
  value: string;
  onChange: (time: string) => void;
}) {
  const units = useUnits();
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState(false);
  const settle = (text: string) => {
    const time = readTimeOfDay(text);
    setProblem(time === null);
    if (time === null) return;
    setTyped(null);
    onChange(time);
  };
  const step = (minutes: number) => {
    const [hour = 0, minute = 0] = value.split(':').map(Number);
    const total = (((hour * 60 + minute + minutes) % 1440) + 1440) % 1440;
    setTyped(null);
    setProblem(false);
    onChange(`${String(Math.floor(total / 60)).padStart(2, '0')}:${String(total % 60).padStart(2, '0')}`);
  };
  return (
    <span className="inline-flex flex-wrap items-center gap-x-2">
      <label htmlFor={id} className="text-[15px]">
        {label}
      </label>
      <input
        id={id}
        inputMode="numeric"
        autoComplete="off"
        maxLength={12}
        aria-invalid={problem}
        aria-describedby={problem ? `${id}-problem` : undefined}
        value={typed ?? timeOfDayText(value, units)}
        onChange={({ target }) => {
          setTyped(target.value);
          setProblem(false);
          if (isWholeTime(target.value)) onChange(readTimeOfDay(target.value)!);
        }}
        onBlur={() => typed !== null && settle(typed)}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && typed !== null) settle(typed);
          else if (event.key === 'ArrowUp') step(15);
          else if (event.key === 'ArrowDown') step(-15);
          else return;
          event.preventDefault();
        }}
        className="h-11 w-[5.4em] rounded-part border-2 border-rim bg-enamel px-2 text-center text-[16px] font-semibold text-rim"
      />
      {problem && (
        <span id={`${id}-problem`} role="alert" className="text-[13px] text-alarm">
          Write a time like 19:00 or 7 pm.
        </span>
      )}
    </span>
  );
}
