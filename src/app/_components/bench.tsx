'use client';

import { Redo2, Undo2 } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { Tabs } from 'radix-ui';
import { useEffect, useMemo, useRef, useState } from 'react';
import { toast } from 'sonner';
import { withFryer } from '@/schemas/edit-plan';
import { planFromFile, type PlanFile } from '@/schemas/plan-file';
import type { KitchenFryer } from '@/schemas/kitchen';
import { send } from '@/ui/send';
import { useForecast } from '@/ui/use-forecast';
import { batchForecast } from './batch-forecast';
import { ForecastPanel } from './forecast-panel';
import { CoatStation } from './stations/coat-station';
import { CookStation } from './stations/cook-station';
import { CutStation } from './stations/cut-station';
import { DryStation } from './stations/dry-station';
import { FryerStation } from './stations/fryer-station';
import { LoadStation } from './stations/load-station';
import { ProduceStation } from './stations/produce-station';
import { SoakStation } from './stations/soak-station';
import { STATION_IDS, STATION_WORDS, type StationId, type StationProps } from './stations/station';
import { StationDrawing } from './stations/station-drawing';
import { StationStrip } from './stations/station-strip';
import { usePlanHistory } from './use-plan-history';
import { useSaving } from './use-saving';

const STATIONS: Record<StationId, (props: StationProps) => React.ReactNode> = {
  produce: ProduceStation,
  cut: CutStation,
  soak: SoakStation,
  dry: DryStation,
  coat: CoatStation,
  fryer: FryerStation,
  load: LoadStation,
  cook: CookStation,
};

/** Plans one batch: stations above, the open one beside its forecast. */
export function Bench({
  planId,
  initial,
  initialFryerId,
  fryers,
}: {
  planId: string;
  initial: PlanFile;
  initialFryerId: string;
  fryers: readonly KitchenFryer[];
}) {
  const router = useRouter();
  const history = usePlanHistory(initial);
  const { document } = history;
  const [fryerId, setFryerId] = useState(initialFryerId);
  const [station, setStation] = useState<StationId>('cut');
  const [serveAt, setServeAt] = useState('19:00');
  const [cooking, setCooking] = useState(false);
  const plan = useMemo(() => planFromFile(document), [document]);
  const live = useForecast(document, true);
  const saving = useSaving(planId, fryerId, history.settled ? document : null, initial);

  const chooseFryer = (fryer: KitchenFryer) => {
    setFryerId(fryer.id);
    history.release(withFryer(document, fryer));
  };

  /* the bench is worked with the keys 1 to 8 as well */
  const choose = useRef(setStation);
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLInputElement || event.ctrlKey || event.metaKey || event.altKey) return;
      const chosen = STATION_IDS[Number(event.key) - 1];
      if (chosen) choose.current(chosen);
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, []);

  const onCook = async () => {
    if (!live.forecast) return;
    setCooking(true);
    const batchId = crypto.randomUUID();
    const fryerName = fryers.find((fryer) => fryer.id === fryerId)?.name ?? 'Fryer';
    const sent = await send('POST', '/api/batches', {
      batchId,
      fryerName,
      document,
      forecast: batchForecast(live.forecast, live.interval),
    });
    if (sent.kind === 'done') router.push(`/cook/${batchId}`);
    else {
      setCooking(false);
      toast.error(`The batch could not begin. ${sent.error}`);
    }
  };

  return (
    <Tabs.Root value={station} onValueChange={(value) => setStation(value as StationId)}>
      <div className="overflow-hidden tray">
        <StationStrip document={document} plan={plan} />
        <div className="grid lg:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
          <div className="order-2 border-enamel-deep p-4 sm:px-6 lg:order-1 lg:border-r-2">
            <div className="flex items-center justify-between">
              <h1 className="text-[22px]">{STATION_WORDS[station]}</h1>
              <div className="no-print flex items-center text-[14px] text-iron-soft">
                <span role="status" className="mr-2">
                  {saving}
                </span>
                <button
                  type="button"
                  aria-label="Undo"
                  disabled={!history.canUndo}
                  onClick={history.undo}
                  className="flex size-11 items-center justify-center text-rim disabled:text-enamel-deep"
                >
                  <Undo2 size={20} aria-hidden />
                </button>
                <button
                  type="button"
                  aria-label="Redo"
                  disabled={!history.canRedo}
                  onClick={history.redo}
                  className="flex size-11 items-center justify-center text-rim disabled:text-enamel-deep"
                >
                  <Redo2 size={20} aria-hidden />
                </button>
              </div>
            </div>
            {STATION_IDS.map((id) => {
              const Station = STATIONS[id];
              return (
                <Tabs.Content key={id} value={id} tabIndex={-1}>
                  <div className="mb-3">
                    <StationDrawing station={id} plan={plan} large />
                  </div>
                  <Station
                    document={document}
                    plan={plan}
                    forecast={live.forecast}
                    fryers={fryers}
                    fryerId={fryerId}
                    chooseFryer={chooseFryer}
                    move={history.move}
                    release={history.release}
                  />
                </Tabs.Content>
              );
            })}
          </div>
          <div className="order-1 min-w-0 lg:order-2">
            <ForecastPanel
              live={live}
              plan={plan}
              serveAt={serveAt}
              onServeAt={setServeAt}
              onCook={onCook}
              cooking={cooking}
            />
          </div>
        </div>
      </div>
    </Tabs.Root>
  );
}
