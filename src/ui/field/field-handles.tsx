'use client';

import type { ScaleLinear } from 'd3';
import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import { halfMinutes } from '../words/format';

/** A mark on the field that can be dragged along the minutes. */
export interface FieldHandle {
  readonly key: string;
  /** what it is: shake, end of stage 1 */
  readonly word: string;
  /** s */
  readonly at: number;
  readonly onMove: (seconds: number) => void;
  readonly onRelease: (seconds: number) => void;
}

/** Keys move a mark by this, s. */
const KEY_STEP = 30;

/** Grips on the opening and stage marks of a field: dragged by pointer, moved by arrow keys. */
export function FieldHandles({
  handles,
  x,
  top,
  height,
}: {
  handles: readonly FieldHandle[];
  x: ScaleLinear<number, number>;
  top: number;
  height: number;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const dragged = useRef<string | null>(null);
  const secondsAt = (event: PointerEvent) =>
    x.invert(event.clientX - (frame.current?.getBoundingClientRect().left ?? 0));
  const onKeyDown = (event: KeyboardEvent, handle: FieldHandle) => {
    const step = { ArrowRight: KEY_STEP, ArrowLeft: -KEY_STEP }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    handle.onRelease(handle.at + step);
  };
  return (
    <div ref={frame} className="pointer-events-none absolute inset-0">
      {handles.map((handle) => (
        <button
          key={handle.key}
          type="button"
          role="slider"
          aria-label={`${handle.word}, drag or use the arrow keys`}
          aria-valuemin={x.domain()[0]}
          aria-valuemax={x.domain()[1]}
          aria-valuenow={handle.at}
          aria-valuetext={`${halfMinutes(handle.at)} min`}
          className="no-print pointer-events-auto absolute w-11 -translate-x-1/2 cursor-ew-resize touch-none rounded-[4px] hover:bg-white/25"
          style={{ left: x(handle.at), top, height }}
          onKeyDown={(event) => onKeyDown(event, handle)}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            dragged.current = handle.key;
          }}
          onPointerMove={(event) => dragged.current === handle.key && handle.onMove(secondsAt(event))}
          onPointerUp={(event) => {
            if (dragged.current !== handle.key) return;
            dragged.current = null;
            handle.onRelease(secondsAt(event));
          }}
          onPointerCancel={() => {
            if (dragged.current !== handle.key) return;
            dragged.current = null;
            handle.onRelease(handle.at);
          }}
        >
          <span className="mx-auto mt-1 block h-5 w-2.5 rounded-full border-2 border-iron bg-enamel" />
        </button>
      ))}
    </div>
  );
}
