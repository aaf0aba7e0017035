import { Shell } from '../_components/shell';
import { Unavailable } from '../_components/unavailable';
import { pageKitchen } from '../_lib/session';
import { loadLearning } from '@/services/learning';
import { loadFryers } from '@/services/kitchen';
import { loadPlans } from '@/services/plans';
import { succeed, withDatabase } from '@/services/result';
import { Start } from './_components/start';

/** Where a plan begins: what, which way, for whom, in which fryer. */
export default async function StartPage() {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const fryers = await withDatabase(async () =>
    succeed({
      fryers: await loadFryers(kitchen.id),
      knowledge: (await loadLearning(kitchen.id)).knowledge,
    }),
  );
  const plans = await loadPlans(kitchen.id);
  if (!fryers.ok || !plans.ok) return <Unavailable />;
  const cooked = plans.value.plans.flatMap(({ document }) =>
    typeof document.food === 'string' ? [document.food] : [],
  );
  return (
    <Shell kitchen={kitchen} here="/" title="What are you making?">
      <Start fryers={fryers.value.fryers} cooked={[...new Set(cooked)]} knowledge={fryers.value.knowledge} />
    </Shell>
  );
}
