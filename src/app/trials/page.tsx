import Link from 'next/link';
import { Shell } from '@/app/_components/shell';
import { Unavailable } from '@/app/_components/unavailable';
import { pageKitchen } from '@/app/_lib/session';
import { loadCookedDishes, loadTrials } from '@/services/trials';
import { WorthTrying } from './_components/worth-trying';

const LINK = 'font-semibold text-rim underline underline-offset-4';

/** The kitchen's trials, and which would tell most next. */
export default async function TrialsPage() {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const [trials, dishes] = await Promise.all([loadTrials(kitchen.id), loadCookedDishes(kitchen.id)]);
  if (!trials.ok || !dishes.ok) return <Unavailable />;
  return (
    <Shell kitchen={kitchen} here="/log" title="Trials">
      <h1 className="text-[34px]">Trials</h1>
      <p className="mt-1 mb-4 max-w-[70ch] text-[15px]">
        Two ways on one lot, tasted without knowing which is which: the way to settle what cooks quarrel about, in this
        kitchen.{' '}
        <Link href="/log" className={LINK}>
          Back to the log
        </Link>
      </p>
      <section aria-labelledby="worth-trying" className="tray p-5">
        <h2 id="worth-trying" className="text-[24px]">
          Worth trying next
        </h2>
        <WorthTrying dishes={dishes.value} begun={trials.value.map(({ name }) => name)} />
      </section>
      <section aria-labelledby="begun" className="mt-4 tray p-5">
        <h2 id="begun" className="text-[24px]">
          Begun
        </h2>
        {trials.value.length === 0 ? (
          <p className="mt-2 text-[15px] text-iron-soft">
            None yet. Every station of the Bench at which cooks differ offers one, and so does a pinned plan.
          </p>
        ) : (
          <ul className="mt-1">
            {trials.value.map(({ id, name, ended }) => (
              <li key={id} className="border-b border-enamel-deep last:border-0">
                <Link href={`/trials/${id}`} className={`${LINK} flex min-h-11 items-center text-[15px]`}>
                  {name}
                  {ended && ' (settled)'}
                </Link>
              </li>
            ))}
          </ul>
        )}
      </section>
    </Shell>
  );
}
