'use client';

import { Tabs } from 'radix-ui';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { eveningRun } from '@/core/evening/evening-run';
import type { Pace } from '@/core/evening/pace';
import type { Knowledge } from '@/core/learn/knowledge';
import { servedAt, withHands, withOrder, withPin } from '@/editing/edit-evening';
import type { EveningEvent } from '@/schemas/evening-event';
import type { EveningFile } from '@/schemas/evening-file';
import type { KitchenFryer } from '@/schemas/kitchen';
import { ClockPlate } from '@/ui/clock-plate';
import { Button } from '@/ui/controls/button';
import { Choice } from '@/ui/controls/choice';
import { TimeField } from '@/ui/controls/time-field';
import { LocalTime } from '@/ui/local-time';
import { notifyError } from '@/ui/notify';
import { fileNameOf, saveFile } from '@/ui/save-file';
import { useNarrow } from '@/ui/use-narrow';
import { useNow } from '@/ui/use-now';
import { wholeMinutes } from '@/ui/words/format';
import { dishOfEvening, overdueText } from '@/ui/words/evening-text';
import type { ShownSchedule } from '@/workers/evening/protocol';
import type { OfferedPlan } from './add-dish';
import { DeedSheet } from './deed-sheet';
import { behind } from './evening-status';
import { Dishes, WhoAndWhatWith } from './evening-setup';
import { NextDeeds } from './next-deeds';
import { OnTheTable } from './on-the-table';
import { Orders } from './orders';
import { Passes, type StepHands } from './passes';
import { ServingLines, WaysOutList } from './serving-choice';
import { StepDetail } from './step-detail';
import { useRehearsal, useStandIns } from './use-rehearsal';
import { ToLayOut } from './to-lay-out';
import { plansIn, useArranged } from './use-arranged';
import { useEvening } from './use-evening';
import { useTold } from './use-told';

/** How often an evening that is under way or late is put in order anew, ms. */
const EVERY = 30_000;

/** Stretches before serving that can be looked at, min. */
const STRETCHES = [45, 90] as const;

type Room = 'order' | 'dishes' | 'who' | 'lay-out' | 'next';

const ROOM_WORDS: Record<Room, string> = {
  next: 'What is next',
  order: 'The order',
  dishes: 'Dishes',
  who: 'Who, when, with what',
  'lay-out': 'To lay out',
};

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
  const { waiting } = own;
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
  const [chosen, setChosen] = useState<string | null>(null);
  const [stretch, setStretch] = useState<string>('all');
  /* who adds the first dish goes on adding */
  const [room, setRoom] = useState<Room | null>(initial.dishes.length === 0 ? 'dishes' : null);
  const [planned, setPlanned] = useState<ShownSchedule | null>(null);
  const isUnderWay = run.steps.size > 0;
  /* where seven can no longer be kept, cooks go on for the soonest line until one is chosen */
  const shown = view?.best ?? view?.lines[0]?.shown ?? null;
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
  const begun = useMemo(() => new Set(run.steps.keys()), [run]);
  const hands: StepHands = useMemo(() => {
    const beginOf = (step: string) => {
      const placed = shown?.steps.find((one) => one.id === step);
      return placed && shown ? shown.serveAt - placed.begin * 1000 : null;
    };
    return {
      move: (step, by) =>
        change((before) => {
          const own = before.pins.find((pin) => pin.step === step);
          const at = own ? Date.parse(own.at) : beginOf(step);
          return at === null ? before : withPin(before, step, Math.round((at - by * 1000) / 30_000) * 30_000);
        }),
      togglePin: (step) =>
        change((before) => {
          const isPinned = before.pins.some((pin) => pin.step === step);
          const at = beginOf(step);
          return at === null ? before : withPin(before, step, isPinned ? null : at);
        }),
      give: (step, cook) => change((before) => withHands(before, step, before.hands[step] === cook ? null : cook)),
    };
  }, [shown, change]);
  const serve = new Date(run.serveAt ?? Date.parse(evening.serve_at));
  const setServe = useCallback(
    (time: string) => {
      const [hour = 0, minute = 0] = time.split(':').map(Number);
      change((before) => {
        const moved = new Date(before.serve_at);
        moved.setHours(hour, minute, 0, 0);
        return servedAt(before, moved);
      });
    },
    [change],
  );
  const longest = shown?.steps[0]?.begin ?? 3600;
  const window = stretch === 'all' ? longest + 120 : Math.min(longest + 120, Number(stretch) * 60);
  const late = view ? behind(view) : 0;
  const saveCalendar = async () => {
    if (!shown) return;
    const { calendarOfEvening } = await import('./evening-calendar');
    const text = calendarOfEvening(shown, evening);
    if (text) saveFile(fileNameOf(evening.name, 'ics'), text, 'text/calendar');
    else notifyError('The calendar could not be written.');
  };
  const open: Room = room ?? (narrow || isUnderWay ? 'next' : 'order');
  const overdue = (view?.overdue ?? []).flatMap(([step, beyond]) => {
    const dish = dishOfEvening(evening, step.slice(0, step.indexOf(':')));
    return dish ? [overdueText(step, beyond, dish)] : [];
  });
  return (
    <div>
      {shown && <DeedSheet evening={evening} shown={shown} fryerNames={fryerNames} />}
      <div className="no-print">
        <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
          <div className="min-w-0 grow basis-72">
            <h1 className="text-[clamp(26px,4vw,38px)]">
              {late > 0 ? `${wholeMinutes(late)} min behind` : evening.name}
            </h1>
            <p className="text-[16px]">
              {late > 0 && `${evening.name}: choose your line. `}
              For {evening.people},{' '}
              <LocalTime
                at={serve.getTime()}
                write={(date) => date.toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' })}
              />
              {firstBegin !== null && !isUnderWay && (
                <>
                  . Start by <ClockPlate at={firstBegin} />
                </>
              )}
              <span className="ml-2 text-[14px] text-iron-soft" role="status">
                {words}
                {waiting > 0 && ` ${waiting} marked on this device only until the network is back`}
              </span>
            </p>
          </div>
          {canUndo && (
            <Button look="quiet" onClick={undo}>
              Undo
            </Button>
          )}
          {view && late > 0 ? (
            <ServingLines
              view={view}
              evening={evening}
              planned={planned}
              onTake={(by) => tell({ kind: 'serve-at', detail: { at: serve.getTime() + by * 1000 } })}
            />
          ) : isUnderWay ? (
            <p className="text-[16px]">
              On the table at <ClockPlate at={serve.getTime()} />
            </p>
          ) : (
            <LocalField at={serve} onChange={setServe} />
          )}
        </div>
        {rehearsal.events && (
          <p role="status" className="mt-1 flex flex-wrap items-center gap-3 text-[15px] font-semibold">
            A rehearsal with stand-in cooks, slow at the board; nothing of it is kept. It is <ClockPlate at={now} />
            <Button look="quiet" onClick={rehearsal.stop}>
              End it
            </Button>
          </p>
        )}
        {elsewhere && (
          <div
            role="alert"
            className="mt-2 flex flex-wrap items-center gap-3 rounded-part border-2 border-alarm px-4 py-2 text-[16px]"
          >
            This evening was changed on another device.
            <Button onClick={() => settle('mine')}>Keep mine</Button>
            <Button onClick={() => settle('theirs')}>Take theirs</Button>
          </div>
        )}
        {overdue.length > 0 && (
          <p role="status" className="mt-2 text-[15px] font-semibold text-alarm">
            {overdue.join(' ')}
          </p>
        )}
        {failed && (
          <p role="alert" className="mt-2 text-[16px] text-alarm">
            The order could not be worked out in this browser. Reload the page; if it stays like this, the browser may
            block web workers.
          </p>
        )}
        {view && isCurrent && view.lines.length === 0 && (
          <div className="mt-2">
            <WaysOutList view={view} evening={evening} change={change} />
          </div>
        )}
        {working && (
          <p role="status" className="mt-1 text-[15px] text-iron-soft">
            {working.done < working.of
              ? `Forecasting dish ${working.done + 1} of ${working.of} in each fryer …`
              : 'Trying the orders …'}
          </p>
        )}
        {shown && view && !(narrow && open === 'next') && (
          <div aria-busy={!isCurrent} className="mt-2 grid gap-x-5 gap-y-4 lg:grid-cols-[minmax(0,1fr)_190px]">
            <div className="min-w-0">
              <Passes
                evening={evening}
                shown={shown}
                pictures={view.pictures}
                plans={plans}
                fryerNames={fryerNames}
                window={window}
                now={now}
                begun={begun}
                chosen={chosen}
                onChoose={setChosen}
                hands={hands}
              />
              <div className="mt-1 flex flex-wrap items-center gap-x-3">
                <Choice
                  label="Shown"
                  hideLabel
                  value={stretch}
                  options={[
                    { value: 'all', word: 'All of it' },
                    ...STRETCHES.filter((minutes) => minutes * 60 < longest).map((minutes) => ({
                      value: String(minutes),
                      word: `Last ${minutes} min`,
                    })),
                  ]}
                  onChange={setStretch}
                />
                <span className="grow" />
                {rehearsal.events ? (
                  <Button look="quiet" onClick={rehearsal.stop}>
                    End the rehearsal
                  </Button>
                ) : (
                  own.events.length === 0 && (
                    <Button look="quiet" onClick={() => rehearsal.start(shown)}>
                      Rehearse, a minute each second
                    </Button>
                  )
                )}
                <Button look="quiet" onClick={saveCalendar}>
                  Calendar
                </Button>
                <Button look="quiet" onClick={() => globalThis.print()}>
                  Print
                </Button>
              </div>
              {chosen && (
                <StepDetail step={chosen} shown={shown} evening={evening} run={run.steps} hands={hands} tell={tell} />
              )}
              {shown.work === null && (
                <p role="alert" className="mt-1 text-[15px] text-alarm">
                  The steps given to one cook leave nobody free for another; give one of them back.
                </p>
              )}
            </div>
            <OnTheTable evening={evening} shown={shown} plans={plans} pictures={view.pictures} />
          </div>
        )}
        <Tabs.Root value={open} onValueChange={(value) => setRoom(value as Room)} className="mt-4">
          <Tabs.List
            aria-label="Parts of the evening"
            className="flex gap-x-1 overflow-x-auto border-b-2 border-enamel-deep"
          >
            {(Object.keys(ROOM_WORDS) as Room[]).map((value) => (
              <Tabs.Trigger
                key={value}
                value={value}
                className="-mb-0.5 min-h-11 shrink-0 border-b-4 border-transparent px-3 text-[16px] font-semibold text-rim focus-visible:-outline-offset-2 data-[state=active]:border-rim"
              >
                {ROOM_WORDS[value]}
              </Tabs.Trigger>
            ))}
          </Tabs.List>
          <Tabs.Content value="next" className="pt-3">
            {shown ? (
              <NextDeeds evening={evening} shown={shown} run={run} now={now} tell={tell} />
            ) : (
              <p className="text-[16px]">As soon as there is an order, what is to be done stands here.</p>
            )}
          </Tabs.Content>
          <Tabs.Content value="order" className="pt-3">
            {view && shown ? (
              <Orders
                view={view}
                evening={evening}
                fryerNames={fryerNames}
                onTake={(order) => change((before) => withOrder(before, order))}
                onFree={() => change((before) => ({ ...before, order: undefined }))}
              />
            ) : (
              <p className="text-[16px]">
                {evening.dishes.length === 0 ? 'Add a dish, and the order is worked out.' : 'No order yet.'}
              </p>
            )}
          </Tabs.Content>
          <Tabs.Content value="dishes" className="pt-3">
            <Dishes
              evening={evening}
              fryer={fryers.find(({ id: own }) => own === evening.fryers[0]!.fryer_id) ?? fryers[0]!}
              plans={offered}
              change={change}
            />
          </Tabs.Content>
          <Tabs.Content value="who" className="pt-3">
            <WhoAndWhatWith evening={evening} fryers={fryers} paces={paces} change={change} />
          </Tabs.Content>
          <Tabs.Content value="lay-out" className="pt-3">
            <ToLayOut evening={evening} />
          </Tabs.Content>
        </Tabs.Root>
        <p className="mt-4 text-[13px] text-iron-soft">
          Drawers, baskets and steam are hot. Cooked food not two hours at room temperature, kept hot at 60 °C (140 °F)
          or above; poultry 74 °C (165 °F), fish 63 °C (145 °F) by a probe. Follow your appliance’s manual and your
          local food-safety authority; where they differ from Drubek, they are right.
        </p>
      </div>
    </div>
  );
}

/** The time at the table, as this device's clock has it. */
function LocalField({ at, onChange }: { at: Date; onChange: (time: string) => void }) {
  return (
    <TimeField
      label="On the table at"
      value={`${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`}
      onChange={onChange}
    />
  );
}
