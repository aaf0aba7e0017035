'use client';

import { type PointerEvent, type ReactNode, useRef } from 'react';
import { withLoad } from '@/editing/amounts';
import type { PlanFile } from '@/schemas/plan-file';
import { LOAD_LIMITS } from './load-station';

/** Grams for each pixel that the drawing is dragged sideways. */
const GRAMS_PER_PIXEL = 2;

/** The basket's drawing, to be dragged to the right for more in it and to the left for less; the lever below does the same by key. */
export function DragLoad({
  document,
  move,
  release,
  children,
}: {
  document: PlanFile;
  move: (document: PlanFile) => void;
  release: (document: PlanFile) => void;
  children: ReactNode;
}) {
  const begun = useRef<{ x: number; document: PlanFile } | null>(null);
  const loaded = (event: PointerEvent) => {
    const { x, document: before } = begun.current!;
    const grams = before.mass_g + (event.clientX - x) * GRAMS_PER_PIXEL;
    const [least, most] = LOAD_LIMITS;
    return withLoad(before, Math.round(Math.min(most, Math.max(least, grams)) / 10) * 10);
  };
  return (
    <div
      title="Drag sideways to fill the basket"
      className="cursor-ew-resize touch-pan-y"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        begun.current = { x: event.clientX, document };
      }}
      onPointerMove={(event) => begun.current && move(loaded(event))}
      onPointerUp={(event) => {
        if (begun.current) release(loaded(event));
        begun.current = null;
      }}
      onPointerCancel={() => {
        if (begun.current) release(begun.current.document);
        begun.current = null;
      }}
    >
      {children}
    </div>
  );
}
