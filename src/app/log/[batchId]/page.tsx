import { Shell } from '@/app/_components/shell';
import { Unavailable } from '@/app/_components/unavailable';
import { pageBatch } from '@/app/_lib/page-batch';
import { loadFryers } from '@/services/kitchen';
import { succeed, withDatabase } from '@/services/result';
import { BatchView } from './_components/batch-view';

export const metadata = { title: 'Batch' };

/** One batch: plan, what happened, forecast against outcome. */
export default async function BatchPage({ params }: PageProps<'/log/[batchId]'>) {
  const page = await pageBatch(params);
  if (!page) return <Unavailable />;
  const { kitchen, batch, lent } = page;
  const fryers = await withDatabase(async () => succeed(await loadFryers(kitchen.id)));
  if (!fryers.ok) return <Unavailable />;
  const fryer = fryers.value.find(({ name }) => name === batch.fryerName);
  return (
    <Shell kitchen={kitchen} here="/log" lent={lent}>
      <BatchView batch={batch} fryerId={fryer?.id ?? null} />
    </Shell>
  );
}
