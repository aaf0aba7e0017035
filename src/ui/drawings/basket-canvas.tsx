'use client';

import { memo, useEffect, useRef } from 'react';
import type { CookLooks } from '../../core/batch/record-statistics';
import type { Plan } from '../../core/plan/plan';
import { useWidth } from '../field/use-width';
import { DrawerFloor, RIM } from './drawer-floor';
import { paintPieces } from './paint-pieces';
import { MOST_DRAWN, useDrawnPieces } from './use-drawn-pieces';

/** The same picture as `BasketDrawing`, its pieces on a canvas: some hundred shapes that change with every touch of a lever would each be laid out anew. */
export const BasketCanvas = memo(function BasketCanvas({
  plan,
  record,
  sample,
  label,
  className,
}: {
  plan: Plan;
  record: CookLooks;
  sample: number;
  label: string;
  className?: string;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const width = useWidth(frame, 0);
  const drawn = useDrawnPieces(plan, record, sample, MOST_DRAWN, false);
  const whole = drawn.side + 2 * RIM;
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context || width === 0) return;
    const pixels = Math.round(width * Math.min(2, window.devicePixelRatio));
    /* setting its size empties it */
    context.canvas.width = context.canvas.height = pixels;
    context.scale(pixels / whole, pixels / whole);
    context.translate(RIM, RIM);
    paintPieces(context, drawn);
  }, [drawn, whole, width]);
  return (
    <div role="img" aria-label={label} className={className}>
      <div ref={frame} className="relative">
        <svg viewBox={`${-RIM} ${-RIM} ${whole} ${whole}`} className="block w-full">
          <DrawerFloor side={drawn.side} lined={plan.fryer.liner} />
        </svg>
        <canvas ref={canvas} className="absolute inset-0 size-full" />
      </div>
    </div>
  );
});
