import Link from 'next/link';
import { z } from 'zod';
import { logAskSchema } from '@/schemas/log-ask';
import { loadBatch, LOG_PAGE, searchLog } from '@/services/batches';
import { loadTrials } from '@/services/trials';
import { loadLogLearning } from '@/services/learning';
import { Shell } from '../_components/shell';
import { Unavailable } from '../_components/unavailable';
import { UnreadableNote } from '../_components/unreadable-note';
import { pageKitchen } from '../_lib/session';
import { LogBoard } from './_components/log-board';
import { logAddress } from './_components/log-address';
import { LogFilters } from './_components/log-filters';
import { TakenOut } from './_components/taken-out';

/** Trials named above the log. */
const TRIALS_SHOWN = 3;

const LINK = 'font-semibold text-rim underline underline-offset-4';

/** Every batch of the kitchen by its drawer, below what the kitchen has found out from them. */
export default async function LogPage({ searchParams }: PageProps<'/log'>) {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const asked = await searchParams;
  const ask = logAskSchema.parse(asked);
  const removedId = z.uuid().safeParse(asked.removed);
  const [log, learning, trials, removed] = await Promise.all([
    searchLog(kitchen.id, ask),
    loadLogLearning(kitchen.id),
    loadTrials(kitchen.id),
    removedId.success ? loadBatch(kitchen.id, removedId.data) : null,
  ]);
  if (!log.ok || !learning.ok || !trials.ok) return <Unavailable />;
  const { batches, total, unreadable, ...facets } = log.value;
  const isAsked = ask.words || ask.food || ask.shape || ask.fryer || ask.next || ask.span;
  const pages = Math.max(1, Math.ceil(total / LOG_PAGE));
  return (
    <Shell kitchen={kitchen} here="/log" title="Log">
      <h1 className="sr-only">Log</h1>
      {removed?.ok && <TakenOut batchId={removed.value.id} name={removed.value.document.name} />}
      <p className="no-print mb-2 flex flex-wrap items-center gap-x-5 px-5 text-[15px]">
        <Link href="/trials" className={`${LINK} flex min-h-11 items-center`}>
          Trials{trials.value.length === 0 && ': what would be worth trying'}
        </Link>
        {trials.value.slice(0, TRIALS_SHOWN).map(({ id, name, ended }) => (
          <Link
            key={id}
            href={`/trials/${id}`}
            className="flex min-h-11 items-center text-rim underline underline-offset-4"
          >
            {name}
            {ended && ' (settled)'}
          </Link>
        ))}
      </p>
      <UnreadableNote count={unreadable} one="batch" many="batches" />
      {batches.length === 0 && !isAsked && ask.page === 1 ? (
        <div className="tray">
          <p className="p-5 text-[16px]">
            No batch yet. Plan one on the{' '}
            <Link href="/" className={LINK}>
              Bench
            </Link>
            , cook it, and say in a few taps how it came out; it will stand here by its colours, and the forecast learns
            from it.
          </p>
        </div>
      ) : (
        <LogBoard
          batches={batches}
          findings={learning.value.findings}
          says={learning.value.says}
          byDish={ask.order === 'dish'}
        >
          <LogFilters ask={ask} total={total} {...facets} />
          {batches.length === 0 && (
            <p className="p-5 text-[16px]">
              No batch is like that.{' '}
              <Link href="/log" className={LINK}>
                Show all
              </Link>
            </p>
          )}
        </LogBoard>
      )}
      <nav
        aria-label="Pages of the log"
        className="no-print mt-3 flex flex-wrap items-center gap-x-6 gap-y-2 px-5 text-[15px]"
      >
        {ask.page > 1 && (
          <Link href={logAddress({ ...ask, page: ask.page - 1 })} className={LINK}>
            Newer
          </Link>
        )}
        {pages > 1 && (
          <span className="text-iron-soft">
            page {ask.page} of {pages}
          </span>
        )}
        {ask.page < pages && (
          <Link href={logAddress({ ...ask, page: ask.page + 1 })} className={LINK}>
            Further on
          </Link>
        )}
        <Link href="/log/bring-in" className={`${LINK} ml-auto flex min-h-11 items-center`}>
          Bring in old notes
        </Link>
        {total > 0 && (
          <span className="flex gap-x-5">
            <a href="/api/kitchen/log?as=csv" className={LINK} download>
              All as CSV
            </a>
            <a href="/api/kitchen/log?as=jsonl" className={LINK} download>
              as JSON Lines
            </a>
          </span>
        )}
      </nav>
    </Shell>
  );
}
