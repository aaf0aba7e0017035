import Link from 'next/link';
import { deriveRun } from '@/core/run/run-state';
import { loadLog } from '@/services/batches';
import { Shell } from '../_components/shell';
import { Unavailable } from '../_components/unavailable';
import { pageKitchen } from '../_lib/session';

export const metadata = { title: 'Cook' };

/** Batches that are under way, or the way to begin one. */
export default async function CookPage() {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const log = await loadLog(kitchen.id);
  if (!log.ok) return <Unavailable />;
  const running = log.value.batches.filter((batch) => !batch.outcome && deriveRun(batch.events).phase !== 'done');
  return (
    <Shell kitchen={kitchen} here="/cook" dark>
      <h1 className="mt-4 text-[30px]">{running.length > 0 ? 'Under way' : 'Nothing is cooking'}</h1>
      {running.length === 0 && (
        <p className="mt-3 text-[18px]">
          Plan a batch on the{' '}
          <Link href="/" className="font-semibold text-rim-light underline underline-offset-4">
            Bench
          </Link>{' '}
          and choose “Cook this”.
        </p>
      )}
      <ul className="mt-3 divide-y-2 divide-iron-line">
        {running.map((batch) => (
          <li key={batch.id}>
            <Link
              href={`/cook/${batch.id}`}
              className="flex min-h-16 flex-wrap items-center gap-x-4 text-[20px] font-semibold text-rim-light"
            >
              {batch.document.name}
              <span className="text-[16px] font-normal text-ash">
                {deriveRun(batch.events).phase === 'prep' ? 'in preparation' : 'in the fryer'}, {batch.fryerName}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </Shell>
  );
}
