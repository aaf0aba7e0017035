import Link from 'next/link';
import { deriveRun } from '@/core/run/run-state';
import { loadLog } from '@/services/batches';
import { loadPlans } from '@/services/plans';
import { Shell } from '../_components/shell';
import { Unavailable } from '../_components/unavailable';
import { requestTime } from '../_lib/request-time';
import { pageKitchen } from '../_lib/session';
import { PutAwayList } from './_components/put-away-list';
import { RunsList } from './_components/runs-list';

/** Plans offered to be cooked or rehearsed next. */
const OFFERED = 4;

/** Runs put away that can still be taken out here; the others are in the log. */
const PUT_AWAY_SHOWN = 5;

/** Batches that are under way, and what can be begun or rehearsed. */
export default async function CookPage() {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const [log, saved] = await Promise.all([loadLog(kitchen.id), loadPlans(kitchen.id)]);
  if (!log.ok || !saved.ok) return <Unavailable />;
  const open = log.value.batches
    .filter(({ outcome }) => !outcome)
    .map((batch) => ({ batch, run: deriveRun(batch.events) }));
  const running = open.filter(({ run }) => run.phase !== 'done' && !run.putAway).map(({ batch }) => batch);
  const putAway = open.filter(({ run }) => run.putAway).map(({ batch }) => batch);
  return (
    <Shell kitchen={kitchen} here="/cook" title="Cook" dark>
      <h1 className="mt-4 text-[30px]">{running.length > 0 ? 'Under way' : 'Nothing is cooking'}</h1>
      {running.length > 0 && <RunsList batches={running} openedAt={requestTime()} />}
      <section className="mt-6">
        <h2 className="text-[20px]">Cook or rehearse next</h2>
        <ul className="mt-1 divide-y divide-iron-line">
          {saved.value.plans.slice(0, OFFERED).map((plan) => (
            <li key={plan.id}>
              <Link
                href={`/?plan=${plan.id}`}
                className="flex min-h-12 items-center gap-4 text-[17px] font-semibold text-rim-light"
              >
                {plan.document.name}
                <span className="ml-auto text-[15px] font-normal text-ash">on the bench, then “Cook this”</span>
              </Link>
            </li>
          ))}
        </ul>
        {saved.value.plans.length === 0 && (
          <p className="mt-2 text-[18px]">
            <Link href="/start" className="font-semibold text-rim-light underline underline-offset-4">
              Begin a plan
            </Link>{' '}
            and choose “Cook this”. With stand-in devices a whole evening can be rehearsed at up to 120 times the speed.
          </p>
        )}
      </section>
      {putAway.length > 0 && <PutAwayList batches={putAway.slice(0, PUT_AWAY_SHOWN)} />}
    </Shell>
  );
}
