import { randomUUID } from 'node:crypto';
import { redirect } from 'next/navigation';
import { z } from 'zod';
import { withFryer } from '@/editing/edit-plan';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { loadCutters, loadFryers } from '@/services/kitchen';
import { loadNewestPlan, loadPlan } from '@/services/plans';
import { succeed, withDatabase } from '@/services/result';
import { Bench } from './_components/bench';
import { Shell } from './_components/shell';
import { Unavailable } from './_components/unavailable';
import { pageKitchen } from './_lib/session';

/** The start page: plan a batch. */
export default async function BenchPage({ searchParams }: PageProps<'/'>) {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const { plan: wished, new: fresh } = await searchParams;
  const wishedId = z.uuid().safeParse(wished);
  const loaded = await withDatabase(async () => {
    const fryers = await loadFryers(kitchen.id);
    const cutters = await loadCutters(kitchen.id);
    /* a new plan has an address of its own, so that a reload shows what was begun there */
    if (fresh !== undefined) redirect(`/?plan=${randomUUID()}`);
    if (wishedId.success) {
      return succeed({ fryers, cutters, plan: await loadPlan(kitchen.id, wishedId.data) });
    }
    return succeed({ fryers, cutters, plan: await loadNewestPlan(kitchen.id) });
  });
  if (!loaded.ok) return <Unavailable />;
  const { fryers, cutters, plan } = loaded.value;
  const planId = plan?.id ?? (wishedId.success ? wishedId.data : randomUUID());
  const fryer = fryers.find((candidate) => candidate.id === plan?.fryerId) ?? fryers[0]!;
  return (
    <Shell kitchen={kitchen} here="/">
      <Bench
        key={plan || wishedId.success ? planId : 'new'}
        planId={planId}
        revision={plan?.revision ?? 0}
        initial={plan?.document ?? withFryer(FIRST_PLAN, fryer)}
        initialFryerId={fryer.id}
        fryers={fryers}
        cutters={cutters}
      />
    </Shell>
  );
}
