import Link from 'next/link';
import { Shell } from '../_components/shell';
import { UnreadableNote } from '../_components/unreadable-note';
import { Unavailable } from '../_components/unavailable';
import { pageKitchen } from '../_lib/session';
import { loadLog } from '@/services/batches';
import { LogRows } from './_components/log-rows';

export const metadata = { title: 'Log' };

/** Every batch of the kitchen, newest first, by its fingerprint. */
export default async function LogPage() {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const log = await loadLog(kitchen.id);
  if (!log.ok) return <Unavailable />;
  return (
    <Shell kitchen={kitchen} here="/log">
      <div className="overflow-hidden tray">
        <h1 className="px-5 pt-4 text-[26px]">Log</h1>
        <UnreadableNote count={log.value.unreadable} one="batch" many="batches" />
        {log.value.batches.length === 0 ? (
          <p className="p-5 text-[16px]">
            No batch yet. Plan one on the{' '}
            <Link href="/" className="font-semibold text-rim underline underline-offset-4">
              Bench
            </Link>
            , cook it, and say in a few taps how it came out; it will stand here by its colours.
          </p>
        ) : (
          <LogRows batches={log.value.batches} />
        )}
      </div>
    </Shell>
  );
}
