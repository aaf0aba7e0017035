import { notFound } from 'next/navigation';
import { z } from 'zod';
import { Shell } from '@/app/_components/shell';
import { Unavailable } from '@/app/_components/unavailable';
import { pageKitchen } from '@/app/_lib/session';
import { loadFryers } from '@/services/kitchen';
import { succeed, withDatabase } from '@/services/result';
import { loadTrial } from '@/services/trials';
import { TrialView } from './_components/trial-view';

/** Two ways on one lot, tasted without knowing. */
export default async function TrialPage({ params }: PageProps<'/trials/[trialId]'>) {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const trialId = z.uuid().safeParse((await params).trialId);
  if (!trialId.success) notFound();
  const [trial, fryers] = await Promise.all([
    loadTrial(kitchen.id, trialId.data),
    withDatabase(async () => succeed(await loadFryers(kitchen.id))),
  ]);
  if (!fryers.ok || (!trial.ok && trial.failure.code === 'database-away')) return <Unavailable />;
  if (!trial.ok) notFound();
  const fryer = fryers.value.find(({ id }) => id === trial.value.fryerId);
  return (
    <Shell kitchen={kitchen} here="/log" title="Trial">
      <TrialView trial={trial.value} fryerName={fryer?.name ?? 'the fryer'} />
    </Shell>
  );
}
