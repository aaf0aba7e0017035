import { loadFryers } from '@/services/kitchen';
import { succeed, withDatabase } from '@/services/result';
import { Shell } from '../_components/shell';
import { Unavailable } from '../_components/unavailable';
import { pageKitchen } from '../_lib/session';
import { OpenPlan } from './_components/open-plan';

/** Takes a plan file, a recipe or a shared link, says what was understood, and puts it on the bench. */
export default async function OpenPage() {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const fryers = await withDatabase(async () => succeed(await loadFryers(kitchen.id)));
  if (!fryers.ok) return <Unavailable />;
  return (
    <Shell kitchen={kitchen} here="/plans" title="Open a plan">
      <OpenPlan fryerId={fryers.value[0]!.id} />
    </Shell>
  );
}
