import { Shell } from '@/app/_components/shell';
import { Unavailable } from '@/app/_components/unavailable';
import { pageBatch } from '@/app/_lib/page-batch';
import { pageKitchen } from '@/app/_lib/session';
import { BatchView } from './_components/batch-view';

export const metadata = { title: 'Batch' };

/** One batch: plan, what happened, forecast against outcome. */
export default async function BatchPage({ params }: PageProps<'/log/[batchId]'>) {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const batch = await pageBatch(kitchen.id, params);
  if (!batch) return <Unavailable />;
  return (
    <Shell kitchen={kitchen} here="/log">
      <BatchView batch={batch} />
    </Shell>
  );
}
