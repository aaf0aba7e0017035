'use client';

import dynamic from 'next/dynamic';
import { Tabs } from 'radix-ui';
import {
  type ReactNode,
  Suspense,
  useCallback,
  useDeferredValue,
  useEffect,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
} from 'react';
import { type Knowledge, NOTHING_KNOWN } from '@/core/learn/knowledge';
import { withFryer } from '@/editing/edit-plan';
import { withKnowledge } from '@/editing/with-knowledge';
import type { PlanFile } from '@/schemas/plan-file';
import { planFromFile, wholePlanFromFile } from '@/schemas/plan-from-file';
import type { KitchenCutter, KitchenFryer } from '@/schemas/kitchen';
import { StudyProvider } from '@/ui/study/study-context';
import { useCalm } from '@/ui/use-calm';
import { useAlive } from '@/ui/use-alive';
import type { FirstSight } from '@/core/forecast/first-sight';
import { useNarrow } from '@/ui/use-narrow';
import { useLiveForecast } from '@/ui/use-forecast';
import { BenchHeader } from './bench-header';
import { ForecastSheet } from './forecast-sheet';
import { ForecastStrip } from './forecast-strip';
import { FollowOpenings } from './follow-openings';
import { ForecastPanel } from './forecast-panel';
import { FIRST_BOARD } from './stations/board';
import { fetchStationsLater } from './stations/late-parts';
import { OpenStation } from './stations/open-station';
import { STATION_IDS, STATION_WORDS, type StationId } from './stations/station';
import { stationFold } from './stations/station-fold';
import { StationDrawing } from './stations/station-drawing';
import { StationStrip } from './stations/station-strip';
import { PlanMenu } from './plan-menu';
import { fromShelf, shelve } from './plan-shelf';
import { PlanName } from './plan-name';
import { useBeginBatch } from './use-begin-batch';
import { useBenchKeys } from './use-bench-keys';
import { useFollowing } from './use-following';
import { useKeptPlan } from './use-kept-plan';
import { usePlanHistory } from './use-plan-history';
import { useSaving } from './use-saving';

/* what the first look at the bench does not need is loaded when it is opened */
const ComparePanel = dynamic(() => import('./compare-panel').then((part) => part.ComparePanel));
const ChangedElsewhere = dynamic(() => import('./changed-elsewhere').then((part) => part.ChangedElsewhere));
const FryerBusy = dynamic(() => import('./fryer-busy').then((part) => part.FryerBusy));
const HelpSheet = dynamic(() => import('./help-sheet').then((part) => part.HelpSheet));
const DragLoad = dynamic(() => import('./stations/drag-load').then((part) => part.DragLoad));

/** Stations that speak of one load; the others of all that is on the board. */
const BY_LOAD: readonly StationId[] = ['fryer', 'load', 'cook', 'rest'];

/** Rest after which the strip of stations is drawn anew, ms. */
const STRIP_REST = 200;

/** The station that is open at first; its script comes with the page. */
const FIRST_STATION: StationId = 'cut';

/** A station that is opened stands once all of it is there: until then nothing, and nothing of the one before that a finger could hit. */
function Loaded({ first, children }: { first: boolean; children: ReactNode }) {
  return first ? children : <Suspense fallback={null}>{children}</Suspense>;
}

/** Plans one batch: stations above, the open one beside its forecast. */
export function Bench({
  planId,
  initial,
  revision,
  first = null,
  initialFryerId,
  fryers,
  cutters,
  knowledge = NOTHING_KNOWN,
}: {
  planId: string;
  initial: PlanFile;
  /** what the page came with about it; null where that took too long */
  first?: FirstSight | null;
  /** of the stored plan; 0 where it is not stored yet */
  revision: number;
  initialFryerId: string;
  fryers: readonly KitchenFryer[];
  cutters: readonly KitchenCutter[];
  /** what the kitchen has learnt; every forecast begins with it */
  knowledge?: Knowledge;
}) {
  const [begun] = useState(() => fromShelf(planId, initial));
  const history = usePlanHistory(begun);
  const { document } = history;
  useEffect(fetchStationsLater, []);
  useEffect(() => shelve(planId, initial, document), [planId, initial, document]);
  const [fryerId, setFryerId] = useState(initialFryerId);
  const [station, setStation] = useState<StationId>(FIRST_STATION);
  const [serveAt, setServeAt] = useState('19:00');
  const [board, setBoard] = useState(FIRST_BOARD);
  const [pinned, setPinned] = useState<PlanFile | null>(null);
  const [help, setHelp] = useState(false);
  const narrow = useNarrow();
  const alive = useAlive();
  const [opened, setOpened] = useState(false);
  const closeSheet = useCallback(() => setOpened(false), []);
  const plan = useMemo(() => planFromFile(document), [document]);
  const whole = useMemo(() => wholePlanFromFile(document), [document]);
  /* the strip's drawings are not what a moving lever is watched by */
  const strip = useCalm(
    useMemo(() => ({ document, plan }), [document, plan]),
    STRIP_REST,
  );
  /* for what acts when it is touched, so that it need not be drawn with every move */
  const now = useRef({ document, plan });
  useLayoutEffect(() => void (now.current = { document, plan }), [document, plan]);
  const readPlan = useCallback(() => now.current, []);
  const live = useLiveForecast(document, true, undefined, begun === initial ? first : null);
  const fryerName = fryers.find((fryer) => fryer.id === fryerId)?.name ?? 'Fryer';
  const [today] = useState(() => new Date());
  /* another food or fryer is known otherwise */
  const known = useCallback(
    (changed: PlanFile) => withKnowledge(changed, fryerName, knowledge, today),
    [fryerName, knowledge, today],
  );
  const saving = useSaving(planId, fryerId, history.settled ? document : null, begun, revision);

  const { takeUp } = history;
  const takeUpKnown = useCallback((kept: PlanFile) => takeUp(known(kept)), [takeUp, known]);
  const reading = useKeptPlan(planId, revision, takeUpKnown);
  const following = useFollowing(document, reading);

  /* the worker begins on a moved lever before the page is drawn */
  const { move: moveHistory, release: releaseHistory } = history;
  const move = useCallback(
    (changed: PlanFile) => {
      const moved = known(changed);
      live.request(moved);
      moveHistory(moved);
    },
    [live, moveHistory, known],
  );
  const release = useCallback(
    (changed: PlanFile) => {
      const settled = known(changed);
      live.request(settled);
      releaseHistory(settled);
    },
    [live, releaseHistory, known],
  );
  const chooseFryer = useCallback(
    (fryer: KitchenFryer) => {
      setFryerId(fryer.id);
      const settled = withKnowledge(withFryer(document, fryer), fryer.name, knowledge, today);
      live.request(settled);
      releaseHistory(settled);
    },
    [document, knowledge, today, live, releaseHistory],
  );

  const onPin = useCallback(() => setPinned((before) => (before ? null : now.current.document)), []);
  const { begin, beginning, busy, leaveIt } = useBeginBatch(live, fryerName);
  /* a lever may just have been let go: what begins is what the prices were of */
  const { whenFollowed } = following;
  const onCook = useCallback(() => begin(whenFollowed().then(() => now.current.document)), [begin, whenFollowed]);
  /* the answer comes within a few frames of the move and draws the panel anyway */
  const field = useDeferredValue(
    useMemo(() => ({ document, plan, pending: following.pending }), [plan, document, following.pending]),
  );
  const pending = following.pending || field.pending;

  useBenchKeys({
    choose: setStation,
    pin: onPin,
    cook: onCook,
    help: () => setHelp(true),
  });

  return (
    <StudyProvider>
      <FollowOpenings
        document={document}
        question={following.question}
        settled={history.settled}
        follow={history.follow}
        onAnswered={following.setAnswered}
      />
      <Tabs.Root value={station} onValueChange={(value) => setStation(value as StationId)}>
        <div className="flex max-xl:flex-col">
          <div className="no-print flex shrink-0 items-center xl:w-[192px] xl:flex-col xl:items-start xl:justify-center xl:pb-3">
            <PlanName name={document.name} onRename={(name) => release({ ...document, name })} />
            <PlanMenu planId={planId} store={saving.saveNow} readPlan={readPlan} live={live} serveAt={serveAt} />
          </div>
          <StationStrip document={strip.document} plan={strip.plan} open={station} />
        </div>
        <div className="overflow-clip tray">
          <div className="grid grid-cols-[minmax(0,1fr)] md:grid-cols-[minmax(0,352px)_minmax(0,1fr)] lg:grid-cols-[minmax(0,440px)_minmax(0,1fr)] xl:grid-cols-[minmax(0,480px)_minmax(0,1fr)]">
            <div className="border-enamel-deep p-4 max-md:pb-44 md:my-4 md:border-r md:px-5 md:py-0">
              <BenchHeader
                title={STATION_WORDS[station]}
                fold={stationFold(station, plan)}
                saving={saving.words}
                history={history}
                onHelp={() => setHelp(true)}
              />
              {STATION_IDS.map((id) => (
                <Tabs.Content key={id} value={id} tabIndex={-1}>
                  <Loaded first={id === FIRST_STATION}>
                    <div className="mb-3">
                      {id === 'load' ? (
                        <DragLoad document={document} move={move} release={release}>
                          <StationDrawing station={id} plan={plan} large />
                        </DragLoad>
                      ) : (
                        <StationDrawing station={id} plan={plan} large />
                      )}
                    </div>
                    <OpenStation
                      station={id}
                      live={live}
                      document={document}
                      plan={BY_LOAD.includes(id) ? plan : whole}
                      fryers={fryers}
                      cutters={cutters}
                      serveAt={serveAt}
                      board={board}
                      setBoard={setBoard}
                      fryerId={fryerId}
                      chooseFryer={chooseFryer}
                      move={move}
                      release={release}
                    />
                  </Loaded>
                </Tabs.Content>
              ))}
            </div>
            <ForecastSheet narrow={narrow} opened={opened} back={STATION_WORDS[station]} onClose={closeSheet}>
              <ForecastPanel
                live={live}
                pending={pending}
                document={field.document}
                plan={field.plan}
                readPlan={readPlan}
                pinned={pinned !== null}
                onPin={onPin}
                move={move}
                release={release}
                serveAt={serveAt}
                onServeAt={setServeAt}
                onCook={onCook}
                cooking={beginning}
              />
              {pinned && (
                <ComparePanel
                  pinned={pinned}
                  document={document}
                  swap={() => {
                    setPinned(document);
                    release(pinned);
                  }}
                  unpin={() => setPinned(null)}
                  fryerId={fryerId}
                />
              )}
            </ForecastSheet>
          </div>
        </div>
        {(narrow || !alive) && !opened && (
          <ForecastStrip
            live={live}
            pending={pending}
            document={field.document}
            plan={field.plan}
            onOpen={() => setOpened(true)}
            onCook={onCook}
            cooking={beginning}
          />
        )}
      </Tabs.Root>
      {saving.elsewhere && (
        <ChangedElsewhere
          elsewhere={saving.elsewhere}
          mine={document}
          keepMine={() => saving.settle(saving.elsewhere!)}
          takeTheirs={(theirs) => {
            saving.settle(saving.elsewhere!);
            release(theirs);
          }}
          seeBoth={(theirs) => {
            saving.settle(saving.elsewhere!);
            setPinned(theirs);
          }}
        />
      )}
      {busy && <FryerBusy busy={busy} begin={() => begin(document, true)} leaveIt={leaveIt} />}
      {help && <HelpSheet open onOpenChange={setHelp} />}
    </StudyProvider>
  );
}
