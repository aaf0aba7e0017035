import { requestTime } from '@/app/_lib/request-time';
import { Shell } from '@/app/_components/shell';
import { Unavailable } from '@/app/_components/unavailable';
import { pageBatch } from '@/app/_lib/page-batch';
import { loadEveningOf } from '@/services/load-of-evening';
import { CookRun } from './_components/cook-run';

/** One batch beside the fryer. */
export default async function CookBatchPage({ params }: PageProps<'/cook/[batchId]'>) {
  const page = await pageBatch(params);
  if (!page) return <Unavailable />;
  const { kitchen, batch, lent } = page;
  const evening = await loadEveningOf(kitchen.id, batch.id);
  return (
    <Shell kitchen={kitchen} here="/cook" title="Cook" dark lent={lent}>
      <CookRun batch={batch} evening={evening.ok ? evening.value : null} openedAt={requestTime()} />
    </Shell>
  );
}
