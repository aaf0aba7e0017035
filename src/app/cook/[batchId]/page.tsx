import { notFound } from 'next/navigation';
import { z } from 'zod';
import { Shell } from '@/app/_components/shell';
import { Unavailable } from '@/app/_components/unavailable';
import { pageKitchen } from '@/app/_lib/session';
import { loadBatch } from '@/services/batches';
import { CookRun } from './_components/cook-run';

export const metadata = { title: 'Cook' };

/** One batch beside the fryer. */
export default async function CookBatchPage({ params }: PageProps<'/cook/[batchId]'>) {
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
    <Shell kitchen={kitchen} here="/cook" dark>
      <CookRun batch={batch.value} openedAt={requestTime()} />
    </Shell>
  );
}

/** When this page was asked for, ms since 1970. */
function requestTime(): number {
  return Date.now();
}
