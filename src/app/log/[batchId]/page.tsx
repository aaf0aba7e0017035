import { Shell } from '@/app/_components/shell';
import { Unavailable } from '@/app/_components/unavailable';
import { pageBatch } from '@/app/_lib/page-batch';
import { withKnowledge } from '@/editing/with-knowledge';
import { loadLearning } from '@/services/learning';
import { loadFryers } from '@/services/kitchen';
import { loadPhotos } from '@/services/photos';
import { succeed, withDatabase } from '@/services/result';
import { BatchView } from './_components/batch-view';

/** One batch: plan, what happened, forecast against outcome. */
export default async function BatchPage({ params }: PageProps<'/log/[batchId]'>) {
  const page = await pageBatch(params);
  if (!page) return <Unavailable />;
  const { kitchen, batch, lent } = page;
  const fryers = await withDatabase(async () =>
    succeed({ fryers: await loadFryers(kitchen.id), knowledge: (await loadLearning(kitchen.id)).knowledge }),
  );
  const photos = lent ? null : await loadPhotos(kitchen.id, batch.id);
  if (!fryers.ok || photos?.ok === false) return <Unavailable />;
  const fryer = fryers.value.fryers.find(({ name }) => name === batch.fryerName);
  const again = fryer ? withKnowledge(batch.document, fryer.name, fryers.value.knowledge, new Date()) : batch.document;
  return (
    <Shell kitchen={kitchen} here="/log" title="Batch" lent={lent}>
      <BatchView
        batch={batch}
        fryerId={lent ? null : (fryer?.id ?? null)}
        again={again}
        photos={photos?.value ?? null}
      />
    </Shell>
  );
}
