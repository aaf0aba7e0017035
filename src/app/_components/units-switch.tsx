'use client';

import clsx from 'clsx';
import { useRouter } from 'next/navigation';
import { useTransition } from 'react';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';
import type { UnitSystem } from '@/ui/words/format';

/** Switches the whole kitchen between °C with grams and °F with ounces and spoons. */
export function UnitsSwitch({ units, dark }: { units: UnitSystem; dark: boolean }) {
  const router = useRouter();
  const [busy, startTransition] = useTransition();
  const other: UnitSystem = units === 'metric' ? 'us' : 'metric';
  const onClick = () =>
    startTransition(async () => {
      const sent = await send('PUT', '/api/kitchen/units', { unitSystem: other });
      if (sent.kind === 'done') router.refresh();
      else notifyError(sent.error);
    });
  return (
    <button
      type="button"
      onClick={onClick}
      disabled={busy}
      aria-label={units === 'metric' ? 'Units: metric. Switch to US' : 'Units: US. Switch to metric'}
      className={clsx('min-h-11 min-w-11 px-2 text-[15px]', dark ? 'text-rim-light' : 'text-rim')}
    >
      <span className={units === 'metric' ? 'font-bold underline underline-offset-4' : 'max-sm:hidden'}>°C</span>
      <span aria-hidden className="max-sm:hidden">
        {' | '}
      </span>
      <span className={units === 'us' ? 'font-bold underline underline-offset-4' : 'max-sm:hidden'}>°F</span>
    </button>
  );
}
