import clsx from 'clsx';
import type { ComponentProps } from 'react';

const LOOKS = {
  main: 'bg-rim text-on-rim hover:bg-rim-deep disabled:bg-iron-soft',
  plain: 'border-2 border-rim bg-enamel text-rim hover:bg-paper disabled:border-enamel-deep disabled:text-iron-soft',
  quiet: 'text-rim underline-offset-4 hover:underline disabled:text-iron-soft disabled:no-underline',
  iron: 'border-2 border-rim-light bg-iron-raised text-enamel hover:bg-iron-line disabled:border-iron-soft disabled:text-ash',
  light: 'bg-rim-light text-iron hover:bg-paper disabled:bg-iron-soft',
} as const;

/** A button at least 44 px high. */
export function Button({
  look = 'plain',
  className,
  ...rest
}: ComponentProps<'button'> & { look?: keyof typeof LOOKS }) {
  return (
    <button
      type="button"
      {...rest}
      className={clsx('min-h-11 rounded-part px-4 py-2 text-[15px] font-semibold', LOOKS[look], className)}
    />
  );
}
