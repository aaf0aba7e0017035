import { loadCutters, loadFryers } from '@/services/kitchen';
import { succeed, withDatabase } from '@/services/result';
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

export const metadata = { title: 'Kitchen' };

/** The cook's own fryers, cutters and devices, and every caution on one page. */
export default async function KitchenPage() {
  const kitchen = await pageKitchen();
  if (!kitchen) return <Unavailable />;
  const loaded = await withDatabase(async () =>
    succeed({ fryers: await loadFryers(kitchen.id), cutters: await loadCutters(kitchen.id) }),
  );
  const session = await currentSession();
  const access = await loadAccess(kitchen.id);
  if (!loaded.ok || !session.ok || !access.ok) return <Unavailable />;
  const { id: sessionId, role, memberName } = session.value;
  return (
    <Shell kitchen={kitchen} here="/kitchen">
      <div className="grid gap-4 lg:grid-cols-2">
        <Fryers fryers={loaded.value.fryers} />
        <Cutters cutters={loaded.value.cutters} />
        <DevicePanel />
        <AccessPanel access={access.value} own={{ sessionId, role, memberName }} isDemo={kitchen.isDemo} />
        <ArchivePanel
          name={kitchen.name}
          isDemo={kitchen.isDemo}
          isOwner={role === 'owner'}
          removedAt={kitchen.removedAt}
        />
        <section className="tray p-5 lg:col-span-2" aria-labelledby="cautions">
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
      </div>
    </Shell>
  );
}
