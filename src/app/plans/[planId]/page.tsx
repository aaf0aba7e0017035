import Link from 'next/link';
import { loadVersions } from '@/services/plans';
import { Shell } from '../../_components/shell';
import { Unavailable } from '../../_components/unavailable';
import { pagePlan } from '../../_lib/page-plan';
import { VersionRows } from '../_components/version-rows';

/** What a plan was before, and what changed from one to the next. */
export default async function VersionsPage({ params }: PageProps<'/plans/[planId]'>) {
  const page = await pagePlan(params);
  if (!page) return <Unavailable />;
  const { kitchen, plan } = page;
  const versions = await loadVersions(kitchen.id, plan.id);
  if (!versions.ok) return <Unavailable />;
  const { id, document, fryerId, changedAt } = plan;
  return (
    <Shell kitchen={kitchen} here="/plans" title="Versions">
      <div className="tray p-5">
        <h1 className="text-[26px]">{document.name}</h1>
        <p className="mt-1 text-[15px]">
          <Link href={`/?plan=${id}`} className="font-semibold text-rim underline underline-offset-4">
            Put it on the bench
          </Link>
        </p>
        <VersionRows
          planId={id}
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
