import { loadCutters, loadFryers } from '@/services/kitchen';
import { succeed, withDatabase } from '@/services/result';
import { CAUTION_PAGE } from '@/ui/words/cautions';
import { Shell } from '../_components/shell';
import { Unavailable } from '../_components/unavailable';
import { pageKitchen } from '../_lib/session';
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
  if (!loaded.ok) return <Unavailable />;
  return (
    <Shell kitchen={kitchen} here="/kitchen">
      <div className="grid gap-4 lg:grid-cols-2">
        <Fryers fryers={loaded.value.fryers} />
        <Cutters cutters={loaded.value.cutters} />
        <DevicePanel />
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
