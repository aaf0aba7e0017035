import { notFound } from 'next/navigation';
import { z } from 'zod';
import { Shell } from '@/app/_components/shell';
import { Unavailable } from '@/app/_components/unavailable';
import { pageKitchen } from '@/app/_lib/session';
import { loadBatch } from '@/services/batches';
import { BatchView } from './_components/batch-view';

export const metadata = { title: 'Batch' };

/** One batch: plan, what happened, forecast against outcome. */
export default async function BatchPage({ params }: PageProps<'/log/[batchId]'>) {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const batchId = z.uuid().safeParse((await params).batchId);
  if (!batchId.success) notFound();
  const batch = await loadBatch(kitchen.id, batchId.data);
  if (!batch.ok) {
    if (batch.failure.code === 'database-away') return <Unavailable />;
    notFound();
  }
  return (
    <Shell kitchen={kitchen} here="/log">
      <BatchView batch={batch.value} />
    </Shell>
  );
}
