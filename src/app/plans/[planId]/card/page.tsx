import { notFound } from 'next/navigation';
import { z } from 'zod';
import { Shell } from '@/app/_components/shell';
import { Unavailable } from '@/app/_components/unavailable';
import { pageKitchen } from '@/app/_lib/session';
import { loadPlan } from '@/services/plans';
import { succeed, withDatabase } from '@/services/result';
import { PrepCard } from './prep-card';

export const metadata = { title: 'Prep card' };

/** One page in large type, to print and stand beside the board. */
export default async function CardPage({ params }: PageProps<'/plans/[planId]/card'>) {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const planId = z.uuid().safeParse((await params).planId);
  if (!planId.success) notFound();
  const loaded = await withDatabase(async () => succeed(await loadPlan(kitchen.id, planId.data)));
  if (!loaded.ok) return <Unavailable />;
  if (!loaded.value) notFound();
  return (
    <Shell kitchen={kitchen} here="/plans">
      <PrepCard document={loaded.value.document} />
    </Shell>
  );
}
