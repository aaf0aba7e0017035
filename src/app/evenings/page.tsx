import { loadEvenings } from '@/services/evenings';
import { loadFryers } from '@/services/kitchen';
import { succeed, withDatabase } from '@/services/result';
import { Shell } from '../_components/shell';
import { Unavailable } from '../_components/unavailable';
import { requestTime } from '../_lib/request-time';
import { pageKitchen } from '../_lib/session';
import { EveningList } from './_components/evening-list';

/** The kitchen's evenings. */
export default async function EveningsPage() {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const [evenings, fryers] = await Promise.all([
    loadEvenings(kitchen.id),
    withDatabase(async () => succeed(await loadFryers(kitchen.id))),
  ]);
  if (!evenings.ok || !fryers.ok) return <Unavailable />;
  return (
    <Shell kitchen={kitchen} here="/evenings" title="Evenings">
      <EveningList evenings={evenings.value} fryerIds={fryers.value.map(({ id }) => id)} openedAt={requestTime()} />
    </Shell>
  );
}
