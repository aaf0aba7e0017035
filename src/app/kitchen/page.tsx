import { loadCutters, loadFryers } from '@/services/kitchen';
import { succeed, withDatabase } from '@/services/result';
import type { Knowledge } from '@/core/learn/knowledge';
import { withFryer } from '@/editing/edit-plan';
import { withKnowledge } from '@/editing/with-knowledge';
import type { KitchenFryer } from '@/schemas/kitchen';
import type { PlanFile } from '@/schemas/plan-file';
import { loadLearning } from '@/services/learning';
import { loadFryerCards } from '@/services/fryer-cards';
import { loadPlans, type SavedPlan } from '@/services/plans';
import { CAUTION_PAGE } from '@/ui/words/cautions';
import { Shell } from '../_components/shell';
import { Unavailable } from '../_components/unavailable';
import { currentSession, pageKitchen } from '../_lib/session';
import { loadAccess } from '@/services/sessions';
import { AccessPanel } from './_components/access-panel';
import { ArchivePanel } from './_components/archive-panel';
import { Cutters } from './_components/cutters';
import { DevicePanel } from './_components/device-panel';
import { Fryers } from './_components/fryers';
import { KitchenTabs, tabOf } from './_components/kitchen-tabs';

/** The newest plan for each fryer by its id; where there is none, the newest of all as it would be in that fryer. */
function newestFor(
  fryers: readonly KitchenFryer[],
  plans: readonly SavedPlan[],
  knowledge: Knowledge,
): Record<string, PlanFile> {
  const newest = plans.toSorted((a, b) => b.changedAt - a.changedAt);
  return Object.fromEntries(
    fryers.flatMap((fryer) => {
      const own = newest.find(({ fryerId }) => fryerId === fryer.id);
      if (own) return [[fryer.id, own.document]];
      const [any] = newest;
      if (!any) return [];
      return [[fryer.id, withKnowledge(withFryer(any.document, fryer), fryer.name, knowledge, new Date())]];
    }),
  );
}

/** The cook's own fryers, cutters and devices, who may come in, all of it as an archive, and every caution. */
export default async function KitchenPage({ searchParams }: PageProps<'/kitchen'>) {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const open = tabOf((await searchParams).show);
  const loaded = await withDatabase(async () =>
    succeed({
      fryers: await loadFryers(kitchen.id),
      cutters: await loadCutters(kitchen.id),
      knowledge: (await loadLearning(kitchen.id)).knowledge,
    }),
  );
  const session = await currentSession();
  const access = await loadAccess(kitchen.id);
  const cards = await loadFryerCards(kitchen.id);
  const plans = await loadPlans(kitchen.id);
  if (!loaded.ok || !session.ok || !access.ok || !cards.ok || !plans.ok) return <Unavailable />;
  const { fryers, cutters } = loaded.value;
  const { id: sessionId, role, memberId, memberName } = session.value;
  const figures = {
    fryers: fryers.length === 1 ? fryers[0]!.name : `${fryers.length} to choose from`,
    cutters: cutters.length === 0 ? 'none measured yet' : `${cutters.length} settings measured`,
    devices: 'and stand-ins',
  };
  return (
    <Shell kitchen={kitchen} here="/kitchen" title="Kitchen">
      <h1 className="sr-only">Kitchen</h1>
      <KitchenTabs open={open} figures={figures} />
      <div className="tray p-5 sm:p-6">
        {open === 'fryers' && (
          <Fryers
            fryers={fryers}
            cards={cards.value}
            plans={newestFor(fryers, plans.value.plans, loaded.value.knowledge)}
            knowledge={loaded.value.knowledge}
          />
        )}
        {open === 'cutters' && <Cutters cutters={cutters} />}
        {open === 'devices' && <DevicePanel />}
        {open === 'people' && (
          <AccessPanel access={access.value} own={{ sessionId, role, memberId, memberName }} isDemo={kitchen.isDemo} />
        )}
        {open === 'data' && (
          <ArchivePanel
            name={kitchen.name}
            isDemo={kitchen.isDemo}
            isOwner={role === 'owner'}
            removedAt={kitchen.removedAt}
          />
        )}
        {open === 'cautions' && (
          <section aria-labelledby="cautions">
            <h2 id="cautions" className="text-[22px]">
              Cautions
            </h2>
            <ul className="mt-2 list-disc space-y-1 pl-5 text-[15px] sm:columns-2 sm:gap-8">
              {CAUTION_PAGE.map((caution) => (
                <li key={caution} className="break-inside-avoid">
                  {caution}
                </li>
              ))}
            </ul>
          </section>
        )}
      </div>
    </Shell>
  );
}
