'use client';

import type { InputHTMLAttributes } from 'react';

/** A labelled field for a number or a word of a form, with its fault below. */
export function FormField({
  label,
  unit,
  fault,
  ...rest
}: InputHTMLAttributes<HTMLInputElement> & { label: string; unit?: string; fault?: string }) {
  return (
    <label className="block text-[14px] font-semibold">
      {label}
      <span className="mt-1 flex items-center gap-1.5 font-normal">
        <input
          {...rest}
          aria-invalid={fault ? true : undefined}
          className="h-11 w-full rounded-part border-2 border-enamel-deep bg-white px-2 text-[16px] aria-[invalid]:border-alarm"
        />
        {unit}
      </span>
      {fault && <span className="mt-0.5 block text-[13px] font-normal text-alarm">{fault}</span>}
    </label>
  );
}
