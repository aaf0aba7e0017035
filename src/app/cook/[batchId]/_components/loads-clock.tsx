'use client';

import { CHANGE_OVER } from '@/core/forecast/change-over';
import { secondsToTable } from '@/schemas/after-time';
import { loadOrder } from '@/schemas/load-order';
import type { PlanFile } from '@/schemas/plan-file';
import { ClockPlate } from '@/ui/clock-plate';
import { StudyProvider } from '@/ui/study/study-context';
import { useLoads } from '@/ui/study/use-loads';
import type { LoadsOutcome } from '@/workers/study/protocol';
import { hasNext } from './next-load';

/** Where one load stands on the clock of all. */
export interface LoadMoment {
  readonly number: number;
  /** out: it was pulled then; due: it is in the fryer; to come: it is not in yet */
  readonly stand: 'out' | 'due' | 'to come';
  /** ms since 1970, of the pull; null while that is being worked out */
  readonly at: number | null;
}

/**
 * All loads of a plan on one clock: those that are out, the one in hand, those to come after it in their drawers.
 * @param pullAt ms since 1970, when the load in hand is or was pulled; null where that is not known
 */
export function loadMoments(
  document: PlanFile,
  pullAt: number | null,
  isOut: boolean,
  outcome: LoadsOutcome | undefined,
): LoadMoment[] {
  const order = loadOrder(document);
  const { current = 1, earlier = [] } = document.loads;
  const free = new Map<number, number | null>();
  const moments: LoadMoment[] = order.slice(0, current).map(({ drawer }, i) => {
    const own = earlier[i];
    const at = i === current - 1 ? pullAt : own ? Date.parse(own.pulled_at ?? own.due_at) : null;
    free.set(drawer, at);
    const out = i === current - 1 ? isOut : own?.pulled_at !== null;
    return { number: i + 1, stand: out ? 'out' : 'due', at };
  });
  const startedAt = moments.reduce<number | null>((first, { at }) => first ?? at, null);
  for (let i = current; i < order.length; i++) {
    const own = outcome?.each[i];
    const { drawer } = order[i]!;
    const before = free.has(drawer) ? free.get(drawer)! : startedAt === null ? null : pullAt;
    const at = own && before !== null ? before + (CHANGE_OVER + own.to - own.from) * 1000 : null;
    free.set(drawer, at);
    moments.push({ number: i + 1, stand: 'to come', at });
  }
  return moments;
}

/** One clock over all loads, and when all is on the table. Nothing where there is one. */
export function LoadsClock(props: { document: PlanFile; pullAt: number | null; isOut: boolean }) {
  if (props.document.loads.count === 1) return null;
  return (
    <StudyProvider>
      <Clock {...props} />
    </StudyProvider>
  );
}

function Clock({ document, pullAt, isOut }: Parameters<typeof LoadsClock>[0]) {
  const outcome = useLoads(hasNext(document) ? document : null);
  const moments = loadMoments(document, pullAt, isOut, outcome);
  const last = moments.reduce<number | null>(
    (latest, { at }) => (latest === null || at === null ? null : Math.max(latest, at)),
    0,
  );
  return (
    <ol aria-label="All loads" className="mt-3 flex flex-wrap gap-x-7 gap-y-1 text-[17px]">
      {moments.map(({ number, stand, at }) => (
        <li key={number} className={stand === 'due' ? 'font-semibold' : 'text-ash'}>
          {`Load ${number} `}
          {stand === 'out' ? 'out ' : 'out about '}
          {at === null ? '…' : <ClockPlate at={at} />}
        </li>
      ))}
      <li className="text-ash">
        {'On the table about '}
        {last === null ? '…' : <ClockPlate at={last + secondsToTable(document) * 1000} />}
      </li>
    </ol>
  );
}
