import { notFound } from 'next/navigation';
import { z } from 'zod';
import { Shell } from '@/app/_components/shell';
import { Unavailable } from '@/app/_components/unavailable';
import { requestTime } from '@/app/_lib/request-time';
import { pageKitchen } from '@/app/_lib/session';
import { loadEvening, loadPaces } from '@/services/evenings';
import { loadFryers } from '@/services/kitchen';
import { loadLearning } from '@/services/learning';
import { loadPlans } from '@/services/plans';
import { succeed, withDatabase } from '@/services/result';
import { EveningDesk } from './_components/evening-desk';

/** Several dishes, on the table at one time. */
export default async function EveningPage({ params }: PageProps<'/evenings/[eveningId]'>) {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const id = z.uuid().safeParse((await params).eveningId);
  if (!id.success) notFound();
  const [evening, paces, plans, own] = await Promise.all([
    loadEvening(kitchen.id, id.data),
    loadPaces(kitchen.id),
    loadPlans(kitchen.id),
    withDatabase(async () =>
      succeed({ fryers: await loadFryers(kitchen.id), knowledge: (await loadLearning(kitchen.id)).knowledge }),
    ),
  ]);
  if (!own.ok || !paces.ok || !plans.ok || (!evening.ok && evening.failure.code === 'database-away'))
    return <Unavailable />;
  if (!evening.ok) notFound();
  const { document, revision, events, cursor } = evening.value;
  return (
    <Shell kitchen={kitchen} here="/evenings" title="Evening">
      <EveningDesk
        id={id.data}
        initial={document}
        revision={revision}
        told={events}
        cursor={cursor}
        fryers={own.value.fryers}
        knowledge={own.value.knowledge}
        paces={paces.value}
        plans={plans.value.plans
          .filter(({ archived }) => !archived)
          .map(({ id: planId, document: plan }) => ({ id: planId, document: plan }))}
        openedAt={requestTime()}
      />
    </Shell>
  );
}
