import Link from 'next/link';
import { Shell } from '@/app/_components/shell';
import { Unavailable } from '@/app/_components/unavailable';
import { pageKitchen } from '@/app/_lib/session';
import { loadFryers } from '@/services/kitchen';
import { succeed, withDatabase } from '@/services/result';
import { BringIn } from './_components/bring-in';

/** Notes from a table become batches of the log. */
export default async function BringInPage() {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const fryers = await withDatabase(async () => succeed(await loadFryers(kitchen.id)));
  if (!fryers.ok) return <Unavailable />;
  return (
    <Shell kitchen={kitchen} here="/log" title="Old notes">
      <h1 className="text-[34px]">Bring in old notes</h1>
      <p className="mt-1 mb-4 max-w-[70ch] text-[15px]">
        A table with a line a batch, saved as CSV from wherever you kept it: the day, the food, the minutes, and
        whatever else you wrote down.{' '}
        <Link href="/log" className="font-semibold text-rim underline underline-offset-4">
          Back to the log
        </Link>
      </p>
      <BringIn fryers={fryers.value} isUs={kitchen.unitSystem === 'us'} />
    </Shell>
  );
}
