'use client';

import clsx from 'clsx';
import { type KeyboardEvent, type PointerEvent, useMemo, useRef, useState } from 'react';
import { planFood } from '@/schemas/plan-from-file';
import type { EveningDishFile, EveningFile } from '@/schemas/evening-file';
import type { PlanFile } from '@/schemas/plan-file';
import { ClockPlate } from '@/ui/clock-plate';
import { foodColour } from '@/ui/colour/food-colours';
import { useWidth } from '@/ui/field/use-width';
import { deedText, deedVerb, dishOfEvening, shortDishName, stepText } from '@/ui/words/evening-text';
import type { DishPicture, EveningView, ShownSchedule } from '@/workers/evening/protocol';
import { DishCircle } from './dish-circle';
import { CookMark } from './cook-mark';
import { type Bar, type Lane, markEvery, passesOf, roomAfter } from './passes-layout';

/** Width of what stands before the lanes, px. */
const HEAD = 104;

/** Height of a row, px. */
const ROW: Record<Lane['place'], number> = { basin: 26, ring: 26, cook: 42, fryer: 54, oven: 26, rack: 26 };

/** Width of a letter, and the least room in which words over a bar say something, px. */
const LETTER = 6.6;
const LEAST_ROOM = 26;

/** Height of the words over a bar, px. */
const WORDS: Partial<Record<Lane['place'], number>> = { cook: 14, fryer: 14 };

const PLACE_WORDS: Record<Exclude<Lane['place'], 'cook' | 'fryer'>, string> = {
  basin: 'Bowls',
  ring: 'Hob',
  oven: 'Oven',
  rack: 'Rack',
};

type Plans = Readonly<Record<string, readonly PlanFile[]>>;

const IRON: ReadonlySet<Lane['place']> = new Set(['fryer', 'oven']);

/** What is done to a step by hand. */
export interface StepHands {
  /** begins so many s earlier (or later) than it does, and stays there */
  readonly move: (step: string, bySeconds: number) => void;
  readonly togglePin: (step: string) => void;
  readonly give: (step: string, cook: number) => void;
}

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

function BarShape({
  bar,
  lane,
  left,
  right,
  perSecond,
  evening,
  pictures,
  plans,
  isBegun,
  isPinned,
  isChosen,
  onChoose,
  hands,
}: {
  bar: Bar;
  lane: Lane;
  left: number;
  right: number;
  perSecond: number;
  evening: EveningFile;
  pictures: EveningView['pictures'];
  plans: Plans;
  isBegun: boolean;
  isPinned: boolean;
  isChosen: boolean;
  onChoose: (step: string | null) => void;
  hands: StepHands;
}) {
  const [dragged, setDragged] = useState(0);
  const from = useRef<number | null>(null);
  const { step } = bar;
  const dish = step ? dishOfEvening(evening, step.dish) : undefined;
  /* a hair between two that touch */
  const wide = Math.max(bar.kind === 'hands' ? 7 : 4, right - left - 2);
  const wordsHeight = WORDS[lane.place] ?? 0;
  const top = bar.row * ROW[lane.place] + 3;
  const height = ROW[lane.place] - wordsHeight - 4;
  const room = Math.min(roomAfter(bar, lane.bars) * perSecond, 260) - 4;
  if (!step) {
    return (
      <span
        className="absolute rounded-part border border-[#9db3ff] opacity-70 hatched"
        style={{ left, width: wide, top: top + wordsHeight, height }}
        title="Preheat"
      />
    );
  }
  const picture = pictures[step.dish]?.[lane.index];
  const plan = plans[step.dish]?.[lane.index];
  const words =
    bar.kind === 'hands'
      ? deedText(step, bar.work?.deed, dish)
      : bar.kind === 'keep' && dish
        ? shortDishName(dish)
        : stepText(step, dish);
  const isOwn = bar.kind === 'hands' || bar.kind === 'load';
  const inside = wide > words.length * LETTER + 8;
  const onKeyDown = (event: KeyboardEvent) => {
    if (!isOwn || isBegun) return;
    const letter = event.key.toUpperCase();
    const cook = ['A', 'B', 'C'].indexOf(letter);
    if (event.key === 'ArrowLeft') hands.move(step.id, 60);
    else if (event.key === 'ArrowRight') hands.move(step.id, -60);
    else if (letter === 'P') hands.togglePin(step.id);
    else if (cook >= 0 && cook < evening.cooks.length) hands.give(step.id, cook);
    else return;
    event.preventDefault();
  };
  const onPointerDown = (event: PointerEvent) => {
    if (!isOwn || isBegun || event.button !== 0) return;
    from.current = event.clientX;
    event.currentTarget.setPointerCapture(event.pointerId);
  };
  const onPointerMove = (event: PointerEvent) => {
    if (from.current !== null) setDragged(event.clientX - from.current);
  };
  const onPointerUp = () => {
    const minutes = Math.round(dragged / perSecond / 60);
    from.current = null;
    setDragged(0);
    if (minutes !== 0) hands.move(step.id, -minutes * 60);
  };
  return (
    <>
      {wordsHeight > 0 && room >= LEAST_ROOM && (
        <span
          className={clsx(
            'absolute truncate text-[12px] leading-[14px] font-semibold',
            lane.place === 'fryer' && 'text-[#f7f8f4]',
          )}
          style={{ left: left + dragged, top, width: room }}
          aria-hidden
        >
          {words.length * LETTER <= room ? words : deedVerb(step, bar.work?.deed, dish)}
        </span>
      )}
      <button
        type="button"
        aria-pressed={isChosen}
        aria-label={`${words}, ${Math.round((bar.from - bar.to) / 60)} min${isPinned ? ', pinned' : ''}`}
        title={words}
        onClick={() => onChoose(isChosen ? null : step.id)}
        onKeyDown={onKeyDown}
        onPointerDown={onPointerDown}
        onPointerMove={onPointerMove}
        onPointerUp={onPointerUp}
        onPointerCancel={onPointerUp}
        className={clsx(
          'absolute overflow-hidden rounded-[4px] text-left text-[12px] leading-none font-semibold whitespace-nowrap',
          isOwn && !isBegun && 'cursor-grab touch-pan-y',
          bar.kind === 'hands' && (isBegun ? 'bg-iron-soft text-enamel' : 'bg-iron text-enamel'),
          bar.kind === 'waiting' && 'border-2 border-water text-water hatched',
          bar.kind === 'keep' &&
            (lane.place === 'oven' ? 'border-2 border-ash text-[#f7f8f4] hatched' : 'border-2 border-iron hatched'),
          isPinned && 'border-b-4 border-b-rim',
          isChosen && 'outline-3 outline-offset-1 outline-rim',
        )}
        style={{
          left: left + dragged,
          width: wide,
          top: top + wordsHeight,
          height,
          ...(bar.kind === 'load' && dish ? { background: loadGround(step.id, dish, picture) } : {}),
        }}
      >
        {wordsHeight === 0 && inside && (
          <span className={clsx('rounded-[3px] px-1.5 py-0.5', lane.place === 'oven' ? 'bg-[#1b1e22]' : 'bg-enamel')}>
            {words}
          </span>
        )}
      </button>
      {bar.kind === 'load' && dish && picture && plan && (
        <span
          className="pointer-events-none absolute z-[1]"
          style={{ left: right + dragged - 22, top: top + wordsHeight - 4 }}
        >
          <DishCircle plan={plan} picture={picture} name={shortDishName(dish)} isSmall />
        </span>
      )}
    </>
  );
}

/** A load's own colours from raw to pulled. */
function loadGround(step: string, dish: EveningDishFile, picture: DishPicture | undefined): string {
  const browning = picture?.browning;
  if (dish.kind !== 'plan' || !browning) return '#d9b06a';
  const { ramp } = planFood(dish.plan);
  const number = Number(/-(\d+)$/.exec(step)?.[1] ?? 1);
  const values = browning[Math.min(browning.length, number) - 1]!;
  const colours = values.map(
    (value, i) => `${foodColour(ramp, value)} ${Math.round((100 * i) / (values.length - 1))}%`,
  );
  return `linear-gradient(90deg, ${colours.join(', ')})`;
}
