import Link from 'next/link';
import { loadPlans } from '@/services/plans';
import { Shell } from '../_components/shell';
import { UnreadableNote } from '../_components/unreadable-note';
import { Unavailable } from '../_components/unavailable';
import { pageKitchen } from '../_lib/session';
import { PlanRows } from './_components/plan-rows';

/** Every plan that is kept, and those put away. */
export default async function PlansPage() {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const plans = await loadPlans(kitchen.id);
  if (!plans.ok) return <Unavailable />;
  return (
    <Shell kitchen={kitchen} here="/plans" title="Plans">
      <div className="tray p-5">
        <div className="flex flex-wrap items-center gap-x-5">
          <h1 className="grow text-[26px]">Plans</h1>
          <Link
            href="/start"
            className="flex min-h-11 items-center font-semibold text-rim underline underline-offset-4"
          >
            Begin a new one
          </Link>
          <Link href="/open" className="flex min-h-11 items-center font-semibold text-rim underline underline-offset-4">
            Open a file, recipe or link
          </Link>
        </div>
        <UnreadableNote count={plans.value.unreadable} one="plan" many="plans" />
        {plans.value.plans.length === 0 ? (
          <p className="mt-3 text-[16px]">
            No plan is kept yet. Whatever you set on the Bench is saved here by itself as soon as you move a lever.
          </p>
        ) : (
          <PlanRows plans={plans.value.plans} />
        )}
      </div>
    </Shell>
  );
}
