'use client';

import { type InputHTMLAttributes, useId } from 'react';

/** A labelled field for a number or a word of a form, with its fault below. */
export function FormField({
  label,
  unit,
  fault,
  ...rest
}: InputHTMLAttributes<HTMLInputElement> & { label: string; unit?: string; fault?: string }) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="block text-[14px] font-semibold">
        {label}
      </label>
      <span className="mt-1 flex items-center gap-1.5 text-[14px]">
        <input
          {...rest}
          id={id}
          aria-invalid={fault ? true : undefined}
          aria-describedby={fault ? `${id}-fault` : undefined}
          className="h-11 w-full rounded-part border-2 border-enamel-deep bg-paper px-2 text-[16px] aria-[invalid]:border-alarm"
        />
        {unit}
      </span>
      {fault && (
        <span id={`${id}-fault`} className="mt-0.5 block text-[13px] text-alarm">
          {fault}
        </span>
      )}
    </div>
  );
}
