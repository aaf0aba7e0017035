'use client';

import { Switch as Radix } from 'radix-ui';

/** Something that is on or off, 44 px to the finger. */
export function Switch({
  label,
  checked,
  onChange,
  disabled = false,
}: {
  label: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
  disabled?: boolean;
}) {
  return (
    <Radix.Root
      checked={checked}
      onCheckedChange={onChange}
      disabled={disabled}
      aria-label={label}
      className="group inline-flex min-h-11 min-w-11 items-center justify-center"
    >
      <span className="relative block h-[22px] w-10 rounded-full border-2 border-iron-soft group-data-[state=checked]:border-rim group-data-[state=checked]:bg-rim">
        <Radix.Thumb className="absolute top-[3px] left-[3px] block size-3 rounded-full bg-iron-soft data-[state=checked]:left-[21px] data-[state=checked]:bg-on-rim" />
      </span>
    </Radix.Root>
  );
}
