'use client';

import clsx from 'clsx';
import { RadioGroup } from 'radix-ui';
import { type PointerEvent, useRef } from 'react';
import { SizedControl, type SizedProps } from './sized-control';
import { RadioRoot } from './radio-root';

/** One slot of the plate. */
export interface Slot {
  readonly value: number;
  /** in the kitchen's own units, without the unit's name */
  readonly word: string;
  /** what choosing it gives, in a word or two; `…` while it is worked out */
  readonly gives: string;
}

/** Height of the tallest slot and of the plate over it, px. */
const TALLEST = 44;

/**
 * A plate with a slot for each size, as a knife gauge has them: each slot is as wide and as high as its size, and what it gives
 * stands under it. Tapped, dragged along, or moved by arrow keys as any group of radio buttons; other sizes are typed.
 */
export function SlotGauge({
  slots,
  givesWord,
  fill,
  step,
  onMove,
  ...sized
}: SizedProps & {
  /** in rising order; the value is one of them */
  readonly slots: readonly Slot[];
  /** what stands under the slots */
  readonly givesWord: string;
  /** colour of the food in the chosen slot */
  readonly fill: string;
  readonly step: number;
}) {
  const { label, value, unit, typed, onRelease } = sized;
  const plate = useRef<HTMLDivElement>(null);
  const dragged = useRef<number | null>(null);
  const scale = TALLEST / Math.max(...slots.map((slot) => slot.value));
  const slotAt = ({ clientX }: PointerEvent) => {
    const box = plate.current!.getBoundingClientRect();
    const at = Math.floor(((clientX - box.left) / box.width) * slots.length);
    return slots[Math.min(slots.length - 1, Math.max(0, at))]!.value;
  };
  const follow = (event: PointerEvent) => {
    if (event.buttons === 0) return;
    const next = slotAt(event);
    if (next === dragged.current || (dragged.current === null && next === value)) return;
    if (dragged.current === null) event.currentTarget.setPointerCapture(event.pointerId);
    dragged.current = next;
    onMove(next);
  };
  const letGo = () => {
    if (dragged.current !== null) onRelease(dragged.current);
    dragged.current = null;
  };
  return (
    <SizedControl {...sized} stepBy={step}>
      {(_, moved) => (
        <RadioRoot
          aria-label={`${label}, on the gauge`}
          value={String(value)}
          orientation="horizontal"
          onValueChange={(next) => {
            moved();
            if (dragged.current === null) onRelease(Number(next));
          }}
        >
          <div
            ref={plate}
            className="mt-2 flex touch-pan-y rounded-t-[4px] border-x-2 border-t-2 border-iron bg-enamel select-none"
            onPointerMove={follow}
            onPointerUp={letGo}
            onPointerCancel={letGo}
          >
            {slots.map((slot) => {
              const size = Math.max(4, slot.value * scale);
              const chosen = slot.value === value;
              return (
                <RadioGroup.Item
                  key={slot.value}
                  value={String(slot.value)}
                  aria-label={`${slot.word} ${typed?.unit ?? unit}, ${givesWord} ${slot.gives}`}
                  className="group flex min-w-0 flex-1 flex-col items-center focus-visible:-outline-offset-2"
                >
                  <span
                    className={clsx('mt-1 text-[14px] leading-none text-rim', chosen ? 'font-bold' : 'hover:underline')}
                    style={{ marginBottom: 4 + TALLEST - size }}
                  >
                    {slot.word}
                  </span>
                  <span className="flex w-full items-stretch" style={{ height: size }}>
                    <span className="grow border-b-2 border-iron" />
                    <span
                      className={clsx(
                        'rounded-t-[3px] border-x-2 border-t-2',
                        chosen ? 'border-b-2 border-rim' : 'border-iron bg-enamel-shadow group-hover:bg-paper',
                      )}
                      style={{ width: Math.min(size, 46), background: chosen ? fill : undefined }}
                    />
                    <span className="grow border-b-2 border-iron" />
                  </span>
                </RadioGroup.Item>
              );
            })}
          </div>
          <div className="flex pt-1 text-[13px]" aria-hidden>
            {slots.map((slot) => (
              <span
                key={slot.value}
                className={clsx('min-w-0 flex-1 text-center whitespace-nowrap', slot.value === value && 'font-bold')}
              >
                {slot.gives}
              </span>
            ))}
          </div>
        </RadioRoot>
      )}
    </SizedControl>
  );
}
