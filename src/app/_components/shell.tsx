import clsx from 'clsx';
import Link from 'next/link';
import type { ReactNode } from 'react';
import type { Kitchen } from '@/schemas/kitchen';
import { LENT, placeKey } from '@/schemas/place-key';
import { UnitsProvider } from '@/ui/units-context';
import { LearningKeeper } from '@/ui/learning-keeper';
import { OutboxKeeper } from '@/ui/outbox/outbox-keeper';
import { TabTitle } from '@/ui/tab-title';
import { KitchenMenu } from './kitchen-menu';
import { RunPlate } from './run-plate';
import { TokenKeeper } from './token-keeper';
import { UnitsSwitch } from './units-switch';

const ROOMS = [
  { href: '/', word: 'Bench' },
  { href: '/plans', word: 'Plans' },
  { href: '/cook', word: 'Cook' },
  { href: '/evenings', word: 'Evening' },
  { href: '/log', word: 'Log' },
  { href: '/kitchen', word: 'Kitchen' },
] as const;

/** Frame of every page: the way between the rooms, units, kitchen. `dark` turns enamel to cast iron. */
export function Shell({
  kitchen,
  here,
  title,
  dark = false,
  lent = false,
  children,
}: {
  kitchen: Kitchen;
  here: (typeof ROOMS)[number]['href'];
  /** the page's name in the browser's tab */
  title?: string;
  dark?: boolean;
  /** only this page was lent to the device: no way to the other rooms */
  lent?: boolean;
  children: ReactNode;
}) {
  return (
    <UnitsProvider units={kitchen.unitSystem}>
      <TabTitle page={title} />
      <div
        data-place={lent ? LENT : placeKey(kitchen.id)}
        className={clsx('min-h-dvh', dark && 'on-iron bg-iron text-enamel')}
      >
        <a
          href="#main"
          className="absolute -left-full z-10 rounded-part bg-rim px-4 py-3 font-semibold text-on-rim focus:left-2"
        >
          Skip to the content
        </a>
        <header className="no-print mx-auto flex max-w-[1360px] flex-wrap items-center gap-x-2 px-3 pt-1 sm:gap-x-5 sm:px-5">
          <span className="font-display text-[22px] font-bold tracking-tight max-sm:sr-only">Drubek</span>
          <nav aria-label="Rooms" className="flex">
            {(lent ? [] : ROOMS).map((room) => (
              <Link
                key={room.href}
                href={room.href}
                aria-current={room.href === here ? 'page' : undefined}
                className={clsx(
                  'flex min-h-11 min-w-11 items-center justify-center border-b-[3px] px-1 text-[15px] font-semibold sm:px-3 sm:text-[16px]',
                  room.href === '/plans' && here !== '/plans' && 'max-sm:hidden',
                  room.href === here ? 'border-current' : 'border-transparent hover:border-enamel-deep',
                  dark ? 'text-rim-light' : 'text-rim',
                )}
              >
                {room.word}
              </Link>
            ))}
          </nav>
          <div className="ml-auto flex items-center sm:gap-2">
            {!lent && <RunPlate className="max-sm:hidden" />}
            {!lent && <UnitsSwitch units={kitchen.unitSystem} dark={dark} />}
            {lent ? (
              <span className="px-2 text-[15px]">A run in {kitchen.name}</span>
            ) : (
              <KitchenMenu name={kitchen.name} dark={dark} />
            )}
          </div>
          {!lent && <RunPlate className="w-full justify-center sm:hidden" />}
        </header>
        <OutboxKeeper />
        {!lent && <LearningKeeper />}
        <TokenKeeper />
        <main id="main" className="mx-auto max-w-[1360px] px-3 pt-2 pb-6 sm:px-5">
          {children}
        </main>
      </div>
    </UnitsProvider>
  );
}
