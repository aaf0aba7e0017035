'use client';

import clsx from 'clsx';
import { ChefHat, ChevronDown } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { LateMenu } from '@/ui/controls/late-menu';
import { forgetKitchenHere } from '@/ui/forget-kitchen';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';
import { useNarrow } from '@/ui/use-narrow';

/** Whose kitchen this is, and the way into another. */
export function KitchenMenu({ name, dark }: { name: string; dark: boolean }) {
  const startEmpty = async () => {
    /* fetched when it is wanted: no page waits for it */
    const { sendWaiting } = await import('@/ui/outbox/send-waiting');
    await sendWaiting().catch(() => undefined);
    const sent = await send('POST', '/api/session/enter', { kitchen: 'new' });
    if (sent.kind === 'done') await forgetKitchenHere();
    /* the cookie is another one now, so that every page must be asked for anew */
    // eslint-disable-next-line @next/next/no-location-assign-relative-destination -- a client-side move would keep pages of the old kitchen
    if (sent.kind === 'done') window.location.assign('/');
    else notifyError(sent.error);
  };
  const goToDoor = async () => {
    /* from there what waits could not be sent any more; what is kept goes once another kitchen is entered */
    const { sendWaiting } = await import('@/ui/outbox/send-waiting');
    await sendWaiting().catch(() => undefined);
    // eslint-disable-next-line @next/next/no-location-assign-relative-destination -- the door may lead into another kitchen
    window.location.assign('/enter');
  };
  const narrow = useNarrow();
  const router = useRouter();
  const items: { word: string; act: () => void }[] = [
    /* a phone's header has no room for every room */
    ...(narrow ? [{ word: 'All plans', act: () => router.push('/plans') }] : []),
    { word: 'Start an empty kitchen', act: () => void startEmpty() },
    { word: 'Another kitchen, or sign in', act: () => void goToDoor() },
  ];
  return (
    <LateMenu
      className={clsx(
        'flex min-h-11 min-w-11 items-center justify-center gap-1 px-2 text-[15px] font-semibold',
        dark ? 'text-rim-light' : 'text-rim',
      )}
      label={
        <>
          <ChefHat size={22} aria-hidden className="sm:hidden" />
          <span className="max-sm:sr-only">Kitchen: {name}</span>
          <ChevronDown size={16} aria-hidden className="max-sm:hidden" />
        </>
      }
      items={items}
    />
  );
}
