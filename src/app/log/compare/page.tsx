import Link from 'next/link';
import { notFound } from 'next/navigation';
import { z } from 'zod';
import { Shell } from '@/app/_components/shell';
import { Unavailable } from '@/app/_components/unavailable';
import { pageKitchen } from '@/app/_lib/session';
import { loadBatch } from '@/services/batches';
import { SideBySide } from './_components/side-by-side';

const asked = z.array(z.uuid()).min(2).max(3);

/** Two or three batches side by side, and what makes them differ. */
export default async function ComparePage({ searchParams }: PageProps<'/log/compare'>) {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const { batch } = await searchParams;
  const ids = asked.safeParse(batch);
  if (!ids.success) notFound();
  const loaded = await Promise.all([...new Set(ids.data)].map((id) => loadBatch(kitchen.id, id)));
  if (loaded.some((one) => !one.ok && one.failure.code === 'database-away')) return <Unavailable />;
  const batches = loaded.flatMap((one) => (one.ok ? [one.value] : []));
  if (batches.length < 2) notFound();
  return (
    <Shell kitchen={kitchen} here="/log" title="Side by side">
      <h1 className="text-[30px]">Side by side</h1>
      <p className="mb-3">
        <Link href="/log" className="font-semibold text-rim underline underline-offset-4">
          Back to the log
        </Link>
      </p>
      <SideBySide batches={batches} />
    </Shell>
  );
}
