'use client';

import { useEffect, useMemo, useState } from 'react';
import { eveningRun } from '@/core/evening/evening-run';
import type { Pace } from '@/core/evening/pace';
import type { Knowledge } from '@/core/learn/knowledge';
import type { EveningEvent } from '@/schemas/evening-event';
import type { EveningFile } from '@/schemas/evening-file';
import type { KitchenFryer } from '@/schemas/kitchen';
import { useNarrow } from '@/ui/use-narrow';
import { useNow } from '@/ui/use-now';
import type { ShownSchedule } from '@/workers/evening/protocol';
import type { OfferedPlan } from './add-dish';
import { DeedSheet } from './deed-sheet';
import { EveningHead } from './evening-head';
import { EveningNotices } from './evening-notices';
import { EveningRooms, type Room } from './evening-rooms';
import { PassesPanel } from './passes-panel';
import { useStepHands } from './step-hands';
import { plansIn, useArranged } from './use-arranged';
import { useEvening } from './use-evening';
import { useRehearsal, useStandIns } from './use-rehearsal';
import { useTold } from './use-told';

/** How often an evening that is under way or late is put in order anew, ms. */
const EVERY = 30_000;

/** An evening: every dish on the table at its best, planned, told and kept true. */
export function EveningDesk({
  id,
  initial,
  revision,
  told,
  cursor,
  fryers,
  knowledge,
  paces,
  plans: offered,
  openedAt,
}: {
  id: string;
  initial: EveningFile;
  revision: number;
  told: readonly EveningEvent[];
  cursor: string;
  fryers: readonly KitchenFryer[];
  knowledge: Knowledge;
  /** how long each cook takes at the board, by the name */
  paces: Readonly<Record<string, Pace>>;
  plans: readonly OfferedPlan[];
  /** ms since 1970 */
  openedAt: number;
}) {
  const narrow = useNarrow();
  const { document: evening, change, undo, canUndo, words, elsewhere, settle } = useEvening(id, initial, revision);
  const own = useTold(id, told, cursor);
  const rehearsal = useRehearsal();
  const events = rehearsal.events ?? own.events;
  const tell = rehearsal.events ? rehearsal.tell : own.tell;
  const { waiting, refused } = own;
  const run = useMemo(() => eveningRun(events), [events]);
  const [today] = useState(() => new Date(openedAt));
  const plans = useMemo(() => plansIn(evening, fryers, knowledge, today), [evening, fryers, knowledge, today]);
  const factors = useMemo(
    () => Object.fromEntries(Object.entries(paces).map(([name, { factor }]) => [name, factor])),
    [paces],
  );
  const [tick, setTick] = useState(0);
  const { view, isCurrent, working, failed } = useArranged(evening, plans, factors, events, tick, rehearsal.at);
  const now = rehearsal.at(useNow(openedAt));
  /* who adds the first dish goes on adding */
  const [room, setRoom] = useState<Room | null>(initial.dishes.length === 0 ? 'dishes' : null);
  const [planned, setPlanned] = useState<ShownSchedule | null>(null);
  const isUnderWay = run.steps.size > 0;
  /* where seven can no longer be kept, cooks go on for the soonest line until one is chosen */
  const newest = view?.best ?? view?.lines[0]?.shown ?? null;
  /* an evening without a dish has nothing in order yet */
  const shown = newest && newest.table.length > 0 ? newest : null;
  useStandIns(rehearsal, shown, run.steps);
  /* the table as it was before anything slipped, to say what a line costs */
  if (!isUnderWay && shown && planned !== shown) setPlanned(shown);
  const firstBegin = shown?.steps[0] ? shown.serveAt - shown.steps[0].begin * 1000 : null;
  const isLate = isUnderWay || (firstBegin !== null && firstBegin < now);
  const isOver = shown !== null && now > shown.serveAt + 3_600_000;
  useEffect(() => {
    if (!isLate || isOver) return;
    const timer = setInterval(() => setTick((before) => before + 1), EVERY);
    return () => clearInterval(timer);
  }, [isLate, isOver]);
  const fryerNames = evening.fryers.map(
    ({ fryer_id }) => fryers.find((fryer) => fryer.id === fryer_id)?.name ?? 'A fryer that is gone',
  );
  const hands = useStepHands(shown, change);
  const serveAt = run.serveAt ?? Date.parse(evening.serve_at);
  const open: Room = room ?? (narrow || isUnderWay ? 'next' : 'order');
  return (
    <div>
      {shown && <DeedSheet evening={evening} shown={shown} fryerNames={fryerNames} />}
      <div className="no-print">
        <EveningHead
          evening={evening}
          view={view}
          planned={planned}
          serveAt={serveAt}
          startBy={isUnderWay ? null : firstBegin}
          isUnderWay={isUnderWay}
          words={waiting > 0 ? `${words} ${waiting} marked on this device only until the network is back` : words}
          undo={canUndo ? undo : null}
          change={change}
          tell={tell}
        />
        <EveningNotices
          evening={evening}
          view={view}
          isCurrent={isCurrent}
          working={working}
          failed={failed}
          rehearsal={rehearsal}
          now={now}
          refused={refused}
          isElsewhere={elsewhere !== null}
          settle={settle}
          change={change}
        />
        {shown && view && !(narrow && open === 'next') && (
          <PassesPanel
            evening={evening}
            shown={shown}
            pictures={view.pictures}
            plans={plans}
            fryerNames={fryerNames}
            isCurrent={isCurrent}
            now={now}
            run={run}
            rehearsal={rehearsal}
            canRehearse={own.events.length === 0}
            hands={hands}
            tell={tell}
          />
        )}
        <EveningRooms
          open={open}
          onOpen={setRoom}
          evening={evening}
          view={view}
          shown={shown}
          run={run}
          now={now}
          tell={tell}
          change={change}
          fryers={fryers}
          fryerNames={fryerNames}
          paces={paces}
          offered={offered}
          cookable={
            view && shown && !rehearsal.events
              ? { eveningId: id, evening, shown, run, plans, pictures: view.pictures, fryerNames }
              : null
          }
        />
        <p className="mt-4 text-[13px] text-iron-soft">
          Drawers, baskets and steam are hot. Cooked food not two hours at room temperature, kept hot at 60 °C (140 °F)
          or above; poultry 74 °C (165 °F), fish 63 °C (145 °F) by a probe. Follow your appliance’s manual and your
          local food-safety authority; where they differ from Drubek, they are right.
        </p>
      </div>
    </div>
  );
}
