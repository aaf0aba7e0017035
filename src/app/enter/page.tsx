import { connection } from 'next/server';
import { currentSession, otherKitchens } from '@/app/_lib/session';
import { safePath } from '@/app/_lib/safe-path';
import { loadKitchen } from '@/services/kitchen';
import { TabTitle } from '@/ui/tab-title';
import { Door } from './_components/door';

/** The door: nothing changes by looking at it. A browser without a kitchen is let in at once; any other chooses. */
export default async function EnterPage({ searchParams }: PageProps<'/enter'>) {
  await connection();
  const { next, choose } = await searchParams;
  const session = await currentSession();
  const kitchen = session.ok ? await loadKitchen(session.value.kitchenId) : null;
  const others = await otherKitchens();
  return (
    <main className="mx-auto max-w-xl p-6">
      <TabTitle page="Enter" />
      <Door
        next={safePath(typeof next === 'string' ? next : null)}
        here={
          kitchen?.ok && session.ok
            ? { name: kitchen.value.name, isDemo: kitchen.value.isDemo, claimed: session.value.claimed }
            : null
        }
        others={others.map(({ kitchen: { id, name } }) => ({ id, name }))}
        chooses={choose !== undefined}
        away={!session.ok && session.failure.code === 'database-away'}
      />
    </main>
  );
}
