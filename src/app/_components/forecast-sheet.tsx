'use client';

import clsx from 'clsx';
import { ChevronDown } from 'lucide-react';
import { type ReactNode, useEffect, useRef } from 'react';

/** Where the forecast stands: beside the station, or on a phone on a sheet over it once it is opened. */
export function ForecastSheet({
  narrow,
  opened,
  back,
  onClose,
  children,
}: {
  /** whether the screen is a phone's */
  narrow: boolean;
  opened: boolean;
  /** what it lies over */
  back: string;
  onClose: () => void;
  children: ReactNode;
}) {
  const handle = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (!opened) return;
    handle.current?.focus();
    const onKey = (event: KeyboardEvent) => event.key === 'Escape' && onClose();
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [opened, onClose]);
  return (
    <div
      className={clsx(
        'min-w-0 md:sticky md:top-0 md:self-start',
        opened
          ? 'max-md:fixed max-md:inset-x-0 max-md:bottom-0 max-md:z-20 max-md:max-h-[94dvh] max-md:overflow-y-auto max-md:rounded-t-tray max-md:border-2 max-md:border-b-0 max-md:border-rim max-md:bg-enamel'
          : 'max-md:hidden',
      )}
    >
      {narrow && opened && (
        <button
          ref={handle}
          type="button"
          onClick={onClose}
          className="sticky top-0 z-10 flex min-h-11 w-full items-center justify-center gap-1 bg-enamel text-[15px] font-semibold text-rim"
        >
          Back to {back} <ChevronDown size={18} aria-hidden />
        </button>
      )}
      {(!narrow || opened) && children}
    </div>
  );
}
