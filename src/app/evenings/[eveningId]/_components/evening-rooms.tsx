'use client';

import { Tabs } from 'radix-ui';
import { tabStop } from '@/ui/controls/tab-stop';
import type { EveningRun } from '@/core/evening/evening-run';
import type { Pace } from '@/core/evening/pace';
import { withOrder } from '@/editing/edit-evening';
import type { EveningFile } from '@/schemas/evening-file';
import type { KitchenFryer } from '@/schemas/kitchen';
import type { EveningView, ShownSchedule } from '@/workers/evening/protocol';
import type { OfferedPlan } from './add-dish';
import { Dishes, WhoAndWhatWith } from './evening-setup';
import type { CookableEvening } from './load-in-cook';
import { NextDeeds } from './next-deeds';
import { Orders } from './orders';
import { ToLayOut } from './to-lay-out';
import type { Told } from './use-told';

/** A part of the evening's page. */
export type Room = 'order' | 'dishes' | 'who' | 'lay-out' | 'next';

const ROOM_WORDS: Record<Room, string> = {
  next: 'What is next',
  order: 'The order',
  dishes: 'Dishes',
  who: 'Who, when, with what',
  'lay-out': 'To lay out',
};

/** The parts of an evening, one at a time: what is next, the order, the dishes, who and what with, what to lay out. */
export function EveningRooms({
  open,
  onOpen,
  evening,
  view,
  shown,
  run,
  now,
  tell,
  change,
  fryers,
  fryerNames,
  paces,
  offered,
  cookable,
}: {
  open: Room;
  onOpen: (room: Room) => void;
  evening: EveningFile;
  view: EveningView | null;
  shown: ShownSchedule | null;
  run: EveningRun;
  /** ms since 1970 */
  now: number;
  tell: (told: Told) => void;
  change: (next: (before: EveningFile) => EveningFile) => void;
  fryers: readonly KitchenFryer[];
  fryerNames: readonly string[];
  paces: Readonly<Record<string, Pace>>;
  offered: readonly OfferedPlan[];
  cookable: CookableEvening | null;
}) {
  const first = fryers.find(({ id }) => id === evening.fryers[0]!.fryer_id) ?? fryers[0]!;
  return (
    <Tabs.Root value={open} onValueChange={(value) => onOpen(value as Room)} className="mt-4">
      <Tabs.List
        aria-label="Parts of the evening"
        className="flex gap-x-1 overflow-x-auto border-b-2 border-enamel-deep"
      >
        {(Object.keys(ROOM_WORDS) as Room[]).map((value) => (
          <Tabs.Trigger
            key={value}
            value={value}
            tabIndex={tabStop(value === open)}
            className="-mb-0.5 min-h-11 shrink-0 border-b-4 border-transparent px-3 text-[16px] font-semibold text-rim focus-visible:-outline-offset-2 data-[state=active]:border-rim"
          >
            {ROOM_WORDS[value]}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      <Tabs.Content value="next" className="pt-3">
        {shown ? (
          <NextDeeds
            evening={evening}
            shown={shown}
            run={run}
            now={now}
            tell={tell}
            fryerNames={fryerNames}
            cookable={cookable}
          />
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
        <Dishes evening={evening} fryer={first} plans={offered} change={change} />
      </Tabs.Content>
      <Tabs.Content value="who" className="pt-3">
        <WhoAndWhatWith evening={evening} fryers={fryers} paces={paces} change={change} />
      </Tabs.Content>
      <Tabs.Content value="lay-out" className="pt-3">
        <ToLayOut evening={evening} />
      </Tabs.Content>
    </Tabs.Root>
  );
}
