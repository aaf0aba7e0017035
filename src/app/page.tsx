import { randomUUID } from 'node:crypto';
import { FIRST_PLAN, withFryer } from '@/schemas/edit-plan';
import { loadFryers } from '@/services/kitchen';
import { loadNewestPlan } from '@/services/plans';
import { succeed, withDatabase } from '@/services/result';
import { Bench } from './_components/bench';
import { Shell } from './_components/shell';
import { Unavailable } from './_components/unavailable';
import { pageKitchen } from './_lib/session';

/** The start page: plan a batch. */
export default async function BenchPage() {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const loaded = await withDatabase(async () =>
    succeed({ fryers: await loadFryers(kitchen.id), plan: await loadNewestPlan(kitchen.id) }),
  );
  if (!loaded.ok) return <Unavailable />;
  const { fryers, plan } = loaded.value;
  const fryer = fryers.find((candidate) => candidate.id === plan?.fryerId) ?? fryers[0]!;
  return (
    <Shell kitchen={kitchen} here="/">
      <Bench
        planId={plan?.id ?? randomUUID()}
        initial={plan?.document ?? withFryer(FIRST_PLAN, fryer)}
        initialFryerId={fryer.id}
        fryers={fryers}
      />
    </Shell>
  );
}
