import { Shell } from '@/app/_components/shell';
import { Unavailable } from '@/app/_components/unavailable';
import { pageBatch } from '@/app/_lib/page-batch';
import { pageKitchen } from '@/app/_lib/session';
import { CookRun } from './_components/cook-run';

export const metadata = { title: 'Cook' };

/** One batch beside the fryer. */
export default async function CookBatchPage({ params }: PageProps<'/cook/[batchId]'>) {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const batch = await pageBatch(kitchen.id, params);
  if (!batch) return <Unavailable />;
  return (
    <Shell kitchen={kitchen} here="/cook" dark>
      <CookRun batch={batch} openedAt={requestTime()} />
    </Shell>
  );
}

/** When this page was asked for, ms since 1970. */
function requestTime(): number {
  return Date.now();
}
