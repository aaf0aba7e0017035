import { connection } from 'next/server';
import { currentSession } from '@/app/_lib/session';
import { peekInvite } from '@/services/invites';
import { loadKitchen } from '@/services/kitchen';
import { TabTitle } from '@/ui/tab-title';
import { JoinBatch } from './join-batch';

/** Where a code leads: one tap joins, so that a preview of the address uses nothing up. */
export default async function JoinPage({ params }: PageProps<'/join/[token]'>) {
  await connection();
  const { token } = await params;
  const invite = await peekInvite(token.slice(0, 80));
  const session = await currentSession();
  const kitchen = session.ok ? await loadKitchen(session.value.kitchenId) : null;
  return (
    <main className="mx-auto max-w-lg p-6">
      <TabTitle page="Join" />
      <JoinBatch
        token={token}
        to={invite.ok ? { kitchen: invite.value.kitchenName, isRun: invite.value.batchId !== null } : null}
        here={kitchen?.ok ? kitchen.value.name : null}
      />
    </main>
  );
}
