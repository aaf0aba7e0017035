'use client';

import clsx from 'clsx';
import { type MouseEvent, useMemo, useRef } from 'react';
import type { EveningFile } from '@/schemas/evening-file';
import { ClockPlate } from '@/ui/clock-plate';
import { useWidth } from '@/ui/field/use-width';
import type { EveningView, ShownSchedule } from '@/workers/evening/protocol';
import { BarShape, type Plans, ROW } from './bar-shape';
import { CookMark } from './cook-mark';
import { type Lane, markEvery, nearestBar, passesOf } from './passes-layout';
import type { StepHands } from './step-hands';

/** Width of what stands before the lanes, px. */
const HEAD = 104;

/** How far beside a bar a touch still means it, px: half of what a finger needs. */
const REACH = 22;

const PLACE_WORDS: Record<Exclude<Lane['place'], 'cook' | 'fryer'>, string> = {
  basin: 'Bowls',
  ring: 'Hob',
  oven: 'Oven',
  rack: 'Rack',
};

const IRON: ReadonlySet<Lane['place']> = new Set(['fryer', 'oven']);

/**
 * The evening as the passes of a kitchen, time running towards the line at which it is served. What hands do is solid, what waits is
 * hatched, each load ends in the colours of its food. A bar is dragged or moved by arrow keys, P keeps it there, A to C gives it to a cook.
 */
export function Passes({
  evening,
  shown,
  pictures,
  plans,
  fryerNames,
  window,
  now,
  begun,
  chosen,
  onChoose,
  hands,
}: {
  evening: EveningFile;
  shown: ShownSchedule;
  pictures: EveningView['pictures'];
  /** each dish in each fryer */
  plans: Plans;
  fryerNames: readonly string[];
  /** s before serving at which the picture begins */
  window: number;
  /** ms since 1970, or null where it is not shown */
  now: number | null;
  /** steps that are begun or done: they stay */
  begun: ReadonlySet<string>;
  chosen: string | null;
  onChoose: (step: string | null) => void;
  hands: StepHands;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const width = useWidth(frame, 900) - HEAD;
  const fryers = useMemo(() => evening.fryers.map(({ fryer_id }) => `fryer:${fryer_id}`), [evening.fryers]);
  const lanes = useMemo(() => passesOf(shown, fryers, evening.cooks.length), [shown, fryers, evening.cooks.length]);
  const perSecond = width / window;
  const x = (before: number) => (window - before) * perSecond;
  const every = markEvery(perSecond * 60) * 60;
  const first = Math.ceil((shown.serveAt - window * 1000) / (every * 1000)) * every * 1000;
  const marks = Array.from(
    { length: Math.max(0, Math.floor((shown.serveAt - first) / (every * 1000)) + 1) },
    (_, i) => first + i * every * 1000,
  );
  /* the plate of now covers the clock's next to it */
  const isCovered = (at: number) => now !== null && Math.abs(at - now) * (perSecond / 1000) < 56;
  const nowBefore = now === null ? null : (shown.serveAt - now) / 1000;
  const chooseNearest = (event: MouseEvent<HTMLDivElement>, lane: Lane) => {
    if (event.target !== event.currentTarget) return;
    const at = window - (event.clientX - event.currentTarget.getBoundingClientRect().left) / perSecond;
    const bar = nearestBar(lane.bars, at, REACH / perSecond);
    if (bar?.step) onChoose(bar.step.id);
  };
  return (
    <div ref={frame} className="relative overflow-hidden" role="group" aria-label="The evening, pass by pass">
      <div className="relative h-9" style={{ marginLeft: HEAD }}>
        {marks
          .filter(
            (at) =>
              !isCovered(at) && x((shown.serveAt - at) / 1000) < width - 30 && x((shown.serveAt - at) / 1000) > 24,
          )
          .map((at) => (
            <span
              key={at}
              className="absolute top-0 -translate-x-1/2 text-[14px]"
              style={{ left: x((shown.serveAt - at) / 1000) }}
            >
              <ClockPlate at={at} />
            </span>
          ))}
      </div>
      {lanes.map((lane, i) => (
        <div
          key={lane.id}
          className={clsx('flex', IRON.has(lane.place) && lanes[i - 1]?.place !== lane.place && 'mt-1')}
        >
          <div
            className="flex shrink-0 items-center pr-2 text-[14px] leading-tight font-semibold"
            style={{ width: HEAD }}
          >
            {lane.place === 'cook' ? (
              <CookMark cook={lane.index} name={evening.cooks[lane.index]!} />
            ) : lane.place === 'fryer' ? (
              <span className="line-clamp-2">{fryerNames[lane.index]}</span>
            ) : (
              PLACE_WORDS[lane.place]
            )}
          </div>
          <div
            className={clsx(
              'relative grow overflow-hidden',
              lane.place === 'basin' || lane.place === 'ring' ? 'mb-1 rounded-part bg-enamel-shadow' : '',
              IRON.has(lane.place) && 'on-iron bg-[#1b1e22]',
              IRON.has(lane.place) && lanes[i - 1]?.place !== lane.place && 'rounded-t-tray',
              IRON.has(lane.place) && lanes[i + 1]?.place !== lane.place && 'rounded-b-tray',
            )}
            style={{ height: Math.max(1, lane.rows) * ROW[lane.place] + 6 }}
            data-nearest=""
            onClick={(event) => chooseNearest(event, lane)}
          >
            {lane.bars
              .filter((bar) => bar.to < window)
              .map((bar) => (
                <BarShape
                  key={bar.key}
                  bar={bar}
                  lane={lane}
                  left={Math.max(0, x(bar.from))}
                  right={x(bar.to)}
                  laneWidth={width}
                  perSecond={perSecond}
                  evening={evening}
                  pictures={pictures}
                  plans={plans}
                  isBegun={bar.step !== null && begun.has(bar.step.id)}
                  isPinned={bar.step !== null && evening.pins.some(({ step }) => step === bar.step!.id)}
                  isChosen={bar.step !== null && chosen === bar.step.id}
                  onChoose={onChoose}
                  hands={hands}
                />
              ))}
          </div>
        </div>
      ))}
      <div className="pointer-events-none absolute top-8 right-0 bottom-0 border-r-4 border-rim" aria-hidden />
      {nowBefore !== null && nowBefore > 0 && nowBefore < window && (
        <div
          className="pointer-events-none absolute top-0 bottom-0 border-l-2 border-iron"
          style={{ left: HEAD + x(nowBefore) }}
          aria-hidden
        >
          <span className="absolute top-0 -translate-x-1/2 rounded-part bg-iron px-2 py-0.5 text-[14px] font-semibold text-enamel">
            now
          </span>
        </div>
      )}
    </div>
  );
}
