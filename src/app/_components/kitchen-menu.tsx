'use client';

import clsx from 'clsx';
import { ChevronDown } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';

const ITEM =
  'flex min-h-11 cursor-pointer items-center rounded-part px-3 text-[15px] outline-none data-[highlighted]:bg-rim data-[highlighted]:text-white';

/** Whose kitchen this is, and the way into another. */
export function KitchenMenu({ name, isDemo, dark }: { name: string; isDemo: boolean; dark: boolean }) {
  const startEmpty = async () => {
    const sent = await send('POST', '/api/kitchen/new', {});
    /* the cookie is another one now, so that every page must be asked for anew */
    // eslint-disable-next-line @next/next/no-location-assign-relative-destination -- a client-side move would keep pages of the old kitchen
    if (sent.kind === 'done') window.location.assign('/');
    else notifyError(sent.error);
  };
  const goToFirst = () => {
    // eslint-disable-next-line @next/next/no-location-assign-relative-destination -- the door is a route handler, not a page
    window.location.assign('/enter');
  };
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        className={clsx(
          'flex min-h-11 items-center gap-1 px-2 text-[15px] font-semibold',
          dark ? 'text-rim-light' : 'text-rim',
        )}
      >
        Kitchen: {name} <ChevronDown size={16} aria-hidden />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" className="z-20 min-w-56 tray p-1.5 text-iron">
          <DropdownMenu.Item className={ITEM} onSelect={startEmpty}>
            Start an empty kitchen
          </DropdownMenu.Item>
          {!isDemo && (
            <DropdownMenu.Item className={ITEM} onSelect={goToFirst}>
              Go to the first kitchen
            </DropdownMenu.Item>
          )}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
