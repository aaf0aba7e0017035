import { Shell } from '@/app/_components/shell';
import { Unavailable } from '@/app/_components/unavailable';
import { pagePlan } from '@/app/_lib/page-plan';
import { WhatGoesWrong } from './_components/what-goes-wrong';

/** From what a cook complains of to what does it and what mends it, by a plan alone. */
export default async function TroublePage({ params }: PageProps<'/plans/[planId]/trouble'>) {
  const page = await pagePlan(params);
  if (!page) return <Unavailable />;
  const { document, fryerId, id } = page.plan;
  return (
    <Shell kitchen={page.kitchen} here="/plans" title="What goes wrong">
      <WhatGoesWrong document={document} fryerId={fryerId} planId={id} />
    </Shell>
  );
}
