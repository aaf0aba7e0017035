import Link from 'next/link';
import { notFound } from 'next/navigation';
import { z } from 'zod';
import { loadPlan, loadVersions } from '@/services/plans';
import { succeed, withDatabase } from '@/services/result';
import { Shell } from '../../_components/shell';
import { Unavailable } from '../../_components/unavailable';
import { pageKitchen } from '../../_lib/session';
import { VersionRows } from '../_components/version-rows';

export const metadata = { title: 'Versions' };

/** What a plan was before, and what changed from one to the next. */
export default async function VersionsPage({ params }: PageProps<'/plans/[planId]'>) {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const planId = z.uuid().safeParse((await params).planId);
  if (!planId.success) notFound();
  const loaded = await withDatabase(async () => succeed(await loadPlan(kitchen.id, planId.data)));
  const versions = await loadVersions(kitchen.id, planId.data);
  if (!loaded.ok || !versions.ok) return <Unavailable />;
  if (!loaded.value) notFound();
  const { document, fryerId, changedAt } = loaded.value;
  return (
    <Shell kitchen={kitchen} here="/plans">
      <div className="tray p-5">
        <h1 className="text-[26px]">{document.name}</h1>
        <p className="mt-1 text-[15px]">
          <Link href={`/?plan=${planId.data}`} className="font-semibold text-rim underline underline-offset-4">
            Put it on the bench
          </Link>
        </p>
        <VersionRows
          planId={planId.data}
          fryerId={fryerId}
          current={{ document, at: changedAt }}
          versions={versions.value.map(({ version, document: before, keptAt }) => ({
            version,
            document: before,
            at: keptAt,
          }))}
        />
      </div>
    </Shell>
  );
}
