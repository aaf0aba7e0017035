import { notFound } from 'next/navigation';
import { z } from 'zod';
import { Shell } from '@/app/_components/shell';
import { Unavailable } from '@/app/_components/unavailable';
import { pageKitchen } from '@/app/_lib/session';
import { loadPlan } from '@/services/plans';
import { succeed, withDatabase } from '@/services/result';
import { WhatGoesWrong } from './_components/what-goes-wrong';

export const metadata = { title: 'What goes wrong' };

/** From what a cook complains of to what does it and what mends it, by a plan alone. */
export default async function TroublePage({ params }: PageProps<'/plans/[planId]/trouble'>) {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const planId = z.uuid().safeParse((await params).planId);
  if (!planId.success) notFound();
  const loaded = await withDatabase(async () => succeed(await loadPlan(kitchen.id, planId.data)));
  if (!loaded.ok) return <Unavailable />;
  if (!loaded.value) notFound();
  const { document, fryerId, id } = loaded.value;
  return (
    <Shell kitchen={kitchen} here="/plans">
      <WhatGoesWrong document={document} fryerId={fryerId} planId={id} />
    </Shell>
  );
}
