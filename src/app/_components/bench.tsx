'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { Tabs } from 'radix-ui';
import { type ComponentType, memo, useCallback, useDeferredValue, useMemo, useState } from 'react';
import { withFryer } from '@/schemas/edit-plan';
import type { PlanFile } from '@/schemas/plan-file';
import { planFromFile } from '@/schemas/plan-from-file';
import type { KitchenCutter, KitchenFryer } from '@/schemas/kitchen';
import { notifyError } from '@/ui/notify';
import { newId } from '@/ui/new-id';
import { send } from '@/ui/send';
import { StudyProvider } from '@/ui/study/study-context';
import { useForecast } from '@/ui/use-forecast';
import { batchForecast } from './batch-forecast';
import { BenchHeader } from './bench-header';
import { fieldMarks } from './field-marks';
import { ForecastStrip } from './forecast-strip';
import { ForecastPanel } from './forecast-panel';
import { SensitivityList } from './sensitivity-list';
import { FIRST_BOARD } from './stations/board';
import { CutStation } from './stations/cut-station';
import { DryStation } from './stations/dry-station';
import { FryerStation } from './stations/fryer-station';
import { SoakStation } from './stations/soak-station';
import { STATION_IDS, STATION_WORDS, type StationId, type StationProps } from './stations/station';
import { stationFold } from './stations/station-fold';
import { StationDrawing } from './stations/station-drawing';
import { StationStrip } from './stations/station-strip';
import { PlanMenu } from './plan-menu';
import { PlanName } from './plan-name';
import { useBenchKeys } from './use-bench-keys';
import { usePlanHistory } from './use-plan-history';
import { useSaving } from './use-saving';

/* what the first look at the bench does not need is loaded when it is opened */
const ComparePanel = dynamic(() => import('./compare-panel').then((part) => part.ComparePanel));
const HelpSheet = dynamic(() => import('./help-sheet').then((part) => part.HelpSheet));
const ProduceStation = dynamic(() => import('./stations/produce-station').then((part) => part.ProduceStation));
const PressStation = dynamic(() => import('./stations/press-station').then((part) => part.PressStation));
const ParcookStation = dynamic(() => import('./stations/parcook-station').then((part) => part.ParcookStation));
const CoatStation = dynamic(() => import('./stations/coat-station').then((part) => part.CoatStation));
const DragLoad = dynamic(() => import('./stations/drag-load').then((part) => part.DragLoad));
const LoadStation = dynamic(() => import('./stations/load-station').then((part) => part.LoadStation));
const CookStation = dynamic(() => import('./stations/cook-station').then((part) => part.CookStation));
const RestStation = dynamic(() => import('./stations/rest-station').then((part) => part.RestStation));

/* a station is drawn anew when the plan changes, not with every answer about it */
const STATIONS: Record<StationId, ComponentType<StationProps>> = {
  produce: memo(ProduceStation),
  cut: memo(CutStation),
  soak: memo(SoakStation),
  press: memo(PressStation),
  parcook: memo(ParcookStation),
  dry: memo(DryStation),
  coat: memo(CoatStation),
  fryer: memo(FryerStation),
  load: memo(LoadStation),
  cook: memo(CookStation),
  rest: memo(RestStation),
};

/** Plans one batch: stations above, the open one beside its forecast. */
export function Bench({
  planId,
  initial,
  initialFryerId,
  fryers,
  cutters,
}: {
  planId: string;
  initial: PlanFile;
  initialFryerId: string;
  fryers: readonly KitchenFryer[];
  cutters: readonly KitchenCutter[];
}) {
  const router = useRouter();
  const history = usePlanHistory(initial);
  const { document } = history;
  const [fryerId, setFryerId] = useState(initialFryerId);
  const [station, setStation] = useState<StationId>('cut');
  const [serveAt, setServeAt] = useState('19:00');
  const [cooking, setCooking] = useState(false);
  const [board, setBoard] = useState(FIRST_BOARD);
  const [pinned, setPinned] = useState<PlanFile | null>(null);
  const [help, setHelp] = useState(false);
  const plan = useMemo(() => planFromFile(document), [document]);
  /* the strip may lag behind a moving lever: its drawings are not what the lever is watched by */
  const strip = useDeferredValue(useMemo(() => ({ document, plan }), [document, plan]));
  const live = useForecast(document, true);
  const saving = useSaving(planId, fryerId, history.settled ? document : null, initial);

  const { release } = history;
  const chooseFryer = useCallback(
    (fryer: KitchenFryer) => {
      setFryerId(fryer.id);
      release(withFryer(document, fryer));
    },
    [document, release],
  );
  const stationForecast = useDeferredValue(live.forecast);

  const onCook = async () => {
    if (!live.forecast || cooking) return;
    setCooking(true);
    const batchId = newId();
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
      notifyError(`The batch could not begin. ${sent.error}`);
    }
  };

  useBenchKeys({
    choose: setStation,
    pin: () => setPinned((before) => (before ? null : document)),
    cook: onCook,
    help: () => setHelp(true),
  });

  return (
    <StudyProvider>
      <Tabs.Root value={station} onValueChange={(value) => setStation(value as StationId)}>
        <div className="overflow-clip tray">
          <StationStrip document={strip.document} plan={strip.plan} />
          <div className="grid lg:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
            <div className="order-2 border-enamel-deep p-4 sm:px-6 lg:order-1 lg:border-r-2">
              <div className="no-print -mt-2 mb-1 flex items-center">
                <PlanName name={document.name} onRename={(name) => history.release({ ...document, name })} />
                <PlanMenu
                  planId={planId}
                  fryerId={fryerId}
                  document={document}
                  plan={plan}
                  doneTime={live.forecast?.doneTime ?? null}
                  serveAt={serveAt}
                />
              </div>
              <BenchHeader
                title={STATION_WORDS[station]}
                fold={stationFold(station, plan)}
                saving={saving}
                history={history}
                onHelp={() => setHelp(true)}
              />
              {STATION_IDS.map((id) => {
                const Station = STATIONS[id];
                return (
                  <Tabs.Content key={id} value={id} tabIndex={-1}>
                    <div className="mb-3">
                      {id === 'load' ? (
                        <DragLoad document={document} move={history.move} release={history.release}>
                          <StationDrawing station={id} plan={plan} large />
                        </DragLoad>
                      ) : (
                        <StationDrawing station={id} plan={plan} large />
                      )}
                    </div>
                    <Station
                      document={document}
                      plan={plan}
                      forecast={stationForecast}
                      fryers={fryers}
                      cutters={cutters}
                      serveAt={serveAt}
                      board={board}
                      setBoard={setBoard}
                      fryerId={fryerId}
                      chooseFryer={chooseFryer}
                      move={history.move}
                      release={history.release}
                    />
                  </Tabs.Content>
                );
              })}
            </div>
            <div className="order-1 min-w-0 lg:sticky lg:top-0 lg:order-2 lg:self-start">
              <ForecastPanel
                live={live}
                plan={plan}
                handles={fieldMarks(document, history.move, history.release)}
                pinned={pinned !== null}
                onPin={() => setPinned(pinned ? null : document)}
                serveAt={serveAt}
                onServeAt={setServeAt}
                onCook={onCook}
                cooking={cooking}
              />
              {pinned && (
                <ComparePanel
                  pinned={pinned}
                  document={document}
                  swap={() => {
                    setPinned(document);
                    history.release(pinned);
                  }}
                  unpin={() => setPinned(null)}
                />
              )}
              <SensitivityList document={document} />
            </div>
          </div>
        </div>
        {live.forecast && <ForecastStrip forecast={live.forecast} />}
      </Tabs.Root>
      {help && <HelpSheet open onOpenChange={setHelp} />}
    </StudyProvider>
  );
}
