import { Shell } from '@/app/_components/shell';
import { Unavailable } from '@/app/_components/unavailable';
import { pagePlan } from '@/app/_lib/page-plan';
import { PrepCard } from './prep-card';

/** One page in large type, to print and stand beside the board. */
export default async function CardPage({ params }: PageProps<'/plans/[planId]/card'>) {
  const page = await pagePlan(params);
  if (!page) return <Unavailable />;
  return (
    <Shell kitchen={page.kitchen} here="/plans" title="Prep card">
      <PrepCard document={page.plan.document} />
    </Shell>
  );
}
