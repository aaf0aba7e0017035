'use client';

import clsx from 'clsx';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import type { EveningDishFile, EveningFile } from '@/schemas/evening-file';
import { planFood } from '@/schemas/plan-from-file';
import type { PlanFile } from '@/schemas/plan-file';
import { foodColour } from '@/ui/colour/food-colours';
import { deedText, deedVerb, dishOfEvening, shortDishName, stepText } from '@/ui/words/evening-text';
import type { DishPicture, EveningView } from '@/workers/evening/protocol';
import { DishCircle } from './dish-circle';
import { type Bar, type Lane, roomAfter } from './passes-layout';
import type { StepHands } from './step-hands';

/** Height of a row, px. */
export const ROW: Record<Lane['place'], number> = { basin: 26, ring: 26, cook: 42, fryer: 54, oven: 26, rack: 26 };

/** Width of a letter, and the least room in which words over a bar say something, px. */
const LETTER = 6.6;
const LEAST_ROOM = 26;

/** Height of the words over a bar, px. */
const WORDS: Partial<Record<Lane['place'], number>> = { cook: 14, fryer: 14 };

/** Each dish in each fryer, by the dish. */
export type Plans = Readonly<Record<string, readonly PlanFile[]>>;

/** A stretch of time in a pass: chosen by a touch, dragged or moved by arrow keys, kept there by P, given to a cook by A to C. */
export function BarShape({
  bar,
  lane,
  left: begin,
  right,
  laneWidth,
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
  laneWidth: number;
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
  const wide = Math.max(bar.kind === 'hands' ? 7 : 4, right - begin - 2);
  const left = Math.min(begin, laneWidth - wide);
  const wordsHeight = WORDS[lane.place] ?? 0;
  const top = bar.row * ROW[lane.place] + 3;
  const height = ROW[lane.place] - wordsHeight - 4;
  const room = Math.min(roomAfter(bar, lane.bars) * perSecond, laneWidth - left) - 4;
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
          style={{ left: Math.min(right + dragged - 22, laneWidth - 44), top: top + wordsHeight - 4 }}
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
  /* what goes back was pulled before */
  if (step.endsWith(':back')) return foodColour(ramp, browning[0]!.at(-1)!);
  const number = Number(/-(\d+)$/.exec(step)?.[1] ?? 1);
  const values = browning[Math.min(browning.length, number) - 1]!;
  const colours = values.map(
    (value, i) => `${foodColour(ramp, value)} ${Math.round((100 * i) / (values.length - 1))}%`,
  );
  return `linear-gradient(90deg, ${colours.join(', ')})`;
}
