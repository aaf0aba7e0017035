'use client';

import { memo, type ReactNode, useEffect, useMemo, useRef, useState } from 'react';
import type { CookLooks } from '../../core/batch/record-statistics';
import type { Plan } from '../../core/plan/plan';
import { BasketCanvas } from '../drawings/basket-canvas';
import { BasketDrawing } from '../drawings/basket-drawing';
import { useWidth } from '../field/use-width';
import type { BasketPicture } from './basket-painter';
import type { SeenPiece } from './basket-scene';
import { ringRadius, ringWords } from './ring-words';
import { createPictureStrip, type PictureStrip } from './picture-strip';
import { pieceLooks } from './followed-pieces';
import { placesOf } from './drawer-load';
import { shrinkage } from './shrinkage';
import { useDrawerContent } from './use-drawer-content';

/** Rest before more light is added to a picture that stands still, and between two lights, ms. */
const STILL = 400;
const BETWEEN = 40;

/** Width of a picture that is given more light, CSS pixels; smaller ones show no difference. */
const WORTH_SOFTENING = 100;

/** How much coarser a picture is while it moves where painting is slow. */
const COARSER = 3;

/** Pixels of the largest picture, so that a large screen does not wait. */
const MOST_PIXELS = 1100;

/**
 * The drawer as the eye sees it from above at one sample of a record. Drawn flat until the pieces have settled, and where there is
 * no WebGL.
 */
export const Basket = memo(function Basket(props: {
  plan: Plan;
  record: CookLooks;
  sample: number;
  label: string;
  /** whether the palest and the darkest piece that can be seen are ringed and named */
  ringed?: boolean;
  /** share of its height that is in view, about the middle: what is ringed lies there */
  band?: number;
  /** whether a hand moves it: where painting is slow it is then painted coarsely while it moves, and its moments ahead */
  scrubbed?: boolean;
  className?: string;
}) {
  const { plan, record, sample, label, ringed = false, band = 1, scrubbed = false, className } = props;
  const drawer = useDrawerContent(plan);
  const over = useMemo(() => drawer && placesOf(drawer.content.load, 10 * drawer.content.side), [drawer]);
  const pictureAt = useMemo(
    () =>
      drawer &&
      ((at: number) => ({
        content: drawer.content,
        looks: pieceLooks(record, at, drawer.content.load.part, over ?? undefined),
        shrunk: shrinkage(plan, record, at),
        band,
      })),
    [drawer, over, record, plan, band],
  );
  const Flat = scrubbed && !ringed ? BasketCanvas : BasketDrawing;
  if (!drawer || !pictureAt) return <Flat {...props} />;
  return (
    <div role="img" aria-label={label} className={className}>
      <Painted
        paint={drawer.painter}
        pictureAt={pictureAt}
        sample={sample}
        samples={record.waterLost.length}
        ringed={ringed}
        band={band}
        scrubbed={scrubbed}
        before={<Flat {...props} className="absolute inset-0 size-full" />}
      />
    </div>
  );
});

function Painted({
  paint: painter,
  pictureAt,
  sample,
  samples,
  ringed,
  band,
  scrubbed,
  before,
}: {
  paint: NonNullable<ReturnType<typeof useDrawerContent>>['painter'];
  pictureAt: (sample: number) => BasketPicture;
  sample: number;
  /** how many the record has */
  samples: number;
  ringed: boolean;
  band: number;
  scrubbed: boolean;
  /** what stands there until the first picture is painted */
  before: ReactNode;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const width = useWidth(frame, 0);
  const canvas = useRef<HTMLCanvasElement>(null);
  const [painted, setPainted] = useState(false);
  const [rings, setRings] = useState<readonly (SeenPiece | null)[]>([]);
  const strip = useRef<{ readonly of: typeof pictureAt; readonly strip: PictureStrip } | null>(null);
  useEffect(() => {
    const target = canvas.current;
    if (!target || width === 0) return;
    const pixels = Math.min(MOST_PIXELS, Math.round(width * Math.min(2, window.devicePixelRatio)));
    const coarse = Math.round(pixels / COARSER);
    const picture = pictureAt(sample);
    let timer: ReturnType<typeof setTimeout>;
    let light = 1;
    const fillStrip = () => {
      if (strip.current?.of !== pictureAt) {
        strip.current = { of: pictureAt, strip: createPictureStrip(painter, pictureAt, samples, coarse) };
      }
      if (strip.current.strip.fill()) timer = setTimeout(fillStrip, BETWEEN);
    };
    const soften = () => {
      if (light === 1 && target.width !== pixels) {
        target.width = target.height = pixels;
        painter.paint(target, picture, false);
      }
      if (painter.soften(target, picture, light++)) timer = setTimeout(soften, BETWEEN);
      else {
        target.dataset.still = String(light);
        if (scrubbed && painter.slow) timer = setTimeout(fillStrip, STILL);
      }
    };
    const next = requestAnimationFrame(() => {
      const now = scrubbed && painter.slow ? coarse : pixels;
      if (target.width !== now) target.width = target.height = now;
      delete target.dataset.still;
      const ahead = now === coarse && strip.current?.of === pictureAt ? strip.current.strip : null;
      const found = ahead?.show(target, sample) ? painter.extremes(picture) : painter.paint(target, picture, true);
      setPainted(true);
      if (ringed) setRings(found);
      if (width >= WORTH_SOFTENING) timer = setTimeout(soften, STILL);
    });
    return () => {
      cancelAnimationFrame(next);
      clearTimeout(timer);
    };
  }, [painter, pictureAt, sample, samples, width, ringed, scrubbed]);
  return (
    <div ref={frame} className="relative aspect-square w-full" aria-hidden>
      {!painted && before}
      <canvas ref={canvas} className="absolute inset-0 size-full" />
      {ringed && <Rings rings={rings} band={band} />}
    </div>
  );
}

/** Side of the rings' drawing, and the room of a word in it. */
const SIDE = 400;
const WORD = { wide: 60, high: 20, gap: 14 };

/** Furthest that a word stands from the middle of a piece that lies across. */
const FURTHEST = 60;

/** Rings round the palest and the darkest piece, each with its name. */
function Rings({ rings, band }: { rings: readonly (SeenPiece | null)[]; band: number }) {
  const places = [rings[0], rings[1]].map((ring) => {
    if (!ring) return null;
    const [long, wide] = [ring.long * SIDE + 12, ring.wide * SIDE + 12];
    const reach = Math.abs(Math.sin((ring.turn * Math.PI) / 180)) * (long / 2) + wide / 2;
    return {
      x: ring.x * SIDE,
      y: ring.y * SIDE,
      reach: Math.min(reach, FURTHEST),
      long,
      wide,
      turn: ring.turn,
      isRound: ring.isRound,
    };
  });
  const words = ringWords([places[0]!, places[1]!], SIDE, WORD, band);
  return (
    <svg viewBox={`0 0 ${SIDE} ${SIDE}`} className="absolute inset-0 size-full">
      {places.map((place, which) => {
        const at = words[which];
        if (!place || !at) return null;
        const { x, y, turn, long, wide, isRound } = place;
        const word = which === 0 ? 'palest' : 'darkest';
        return (
          <g key={word} fill="none" stroke="#f7f8f4">
            <rect
              transform={`translate(${x} ${y}) rotate(${turn})`}
              x={-long / 2}
              y={-wide / 2}
              width={long}
              height={wide}
              rx={ringRadius(long, wide, 12, isRound)}
              strokeWidth={2.5}
              strokeDasharray={which === 0 ? '6 4' : undefined}
            />
            <rect
              x={at.x - WORD.wide / 2}
              y={at.y - 12}
              width={WORD.wide}
              height={WORD.high}
              rx={4}
              fill="#1b1e22"
              stroke="none"
            />
            <text x={at.x} y={at.y + 3} textAnchor="middle" fontSize={13} fontWeight={640} fill="#f7f8f4" stroke="none">
              {word}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
