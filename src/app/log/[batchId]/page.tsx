import { Shell } from '@/app/_components/shell';
import { Unavailable } from '@/app/_components/unavailable';
import { pageBatch } from '@/app/_lib/page-batch';
import { pageKitchen } from '@/app/_lib/session';
import { loadFryers } from '@/services/kitchen';
import { succeed, withDatabase } from '@/services/result';
import { BatchView } from './_components/batch-view';

export const metadata = { title: 'Batch' };

/** One batch: plan, what happened, forecast against outcome. */
export default async function BatchPage({ params }: PageProps<'/log/[batchId]'>) {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const batch = await pageBatch(kitchen.id, params);
  if (!batch) return <Unavailable />;
  const fryers = await withDatabase(async () => succeed(await loadFryers(kitchen.id)));
  if (!fryers.ok) return <Unavailable />;
  const fryer = fryers.value.find(({ name }) => name === batch.fryerName);
  return (
    <Shell kitchen={kitchen} here="/log">
      <BatchView batch={batch} fryerId={fryer?.id ?? null} />
    </Shell>
  );
}
