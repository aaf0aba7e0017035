import { redirect } from 'next/navigation';
import { z } from 'zod';
import { withFryer } from '@/editing/edit-plan';
import { withKnowledge } from '@/editing/with-knowledge';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { firstSight } from '@/services/first-sight';
import { loadLearning } from '@/services/learning';
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
    const { knowledge } = await loadLearning(kitchen.id);
    if (fresh !== undefined) redirect('/start');
    if (wishedId.success) {
      return succeed({ fryers, cutters, knowledge, plan: await loadPlan(kitchen.id, wishedId.data) });
    }
    const newest = await loadNewestPlan(kitchen.id);
    /* a kitchen without a plan begins with what is to be made */
    if (!newest) redirect('/start');
    return succeed({ fryers, cutters, knowledge, plan: newest });
  });
  if (!loaded.ok) return <Unavailable />;
  const { fryers, cutters, knowledge, plan } = loaded.value;
  const planId = plan?.id ?? wishedId.data!;
  const fryer = fryers.find((candidate) => candidate.id === plan?.fryerId) ?? fryers[0]!;
  const initial = plan?.document ?? withKnowledge(withFryer(FIRST_PLAN, fryer), fryer.name, knowledge, new Date());
  return (
    <Shell kitchen={kitchen} here="/">
      <Bench
        key={planId}
        planId={planId}
        revision={plan?.revision ?? 0}
        initial={initial}
        first={await firstSight(initial)}
        knowledge={knowledge}
        initialFryerId={fryer.id}
        fryers={fryers}
        cutters={cutters}
      />
    </Shell>
  );
}
