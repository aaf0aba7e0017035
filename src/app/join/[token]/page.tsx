import { connection } from 'next/server';
import { JoinBatch } from './join-batch';

export const metadata = { title: 'Join a run' };

/** Where the QR code leads: one tap joins, so that a preview of the address uses nothing up. */
export default async function JoinPage({ params }: PageProps<'/join/[token]'>) {
  await connection();
  const { token } = await params;
  return (
    <main className="mx-auto max-w-lg p-6">
      <JoinBatch token={token} />
    </main>
  );
}
