'use client';

import { scaleLinear } from 'd3';
import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from 'react';
import type { Forecast } from '../../core/forecast/forecast';
import type { ColourRamp } from '../../core/food/colour-ramp';
import type { CookEvent, Stage } from '../../core/plan/plan';
import { useUnits } from '../units-context';
import { type FieldHandle, FieldHandles } from './field-handles';
import { FieldLegend } from './field-legend';
import { minuteWords } from './minute-words';
import { FieldAxis, OpeningMarks, Playhead, ShareLine, StageLine, WindowBracket } from './overlays';
import { paintField } from './paint-field';
import { useWidth } from './use-width';

const STAGE_HEIGHT = 44;
/** Room under the stage line for the letters of the openings. */
const LETTER_HEIGHT = 14;
const BRACKET_HEIGHT = 20;
const AXIS_HEIGHT = 18;
const SHARE_HEIGHT = 44;
const MARGIN = 28;

/** Minutes across, the faces of the pieces stacked from palest to darkest, each in the colour it will have. */
export function ColourField({
  forecast,
  ramp,
  stages,
  openings,
  height = 150,
  handles,
  playhead = null,
  pulledAt = null,
}: {
  forecast: Forecast;
  ramp: ColourRamp;
  stages: readonly Stage[];
  openings: readonly CookEvent[];
  height?: number;
  /** marks that can be dragged */
  handles?: readonly FieldHandle[];
  /** s, where the cook is now */
  playhead?: number | null;
  /** s, when it was pulled */
  pulledAt?: number | null;
}) {
  const units = useUnits();
  const frame = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const width = useWidth(frame, 620);
  const [reading, setReading] = useState<number | null>(null);
  const { record, track, window } = forecast;
  const duration = (record.samples - 1) * record.interval;
  const inner = Math.max(120, width - 2 * MARGIN);
  const x = scaleLinear([0, duration], [MARGIN, MARGIN + inner]);

  useEffect(() => {
    if (canvas.current) paintField(canvas.current, record, ramp);
  }, [record, ramp, inner, height]);

  const readAt = (event: PointerEvent) => {
    const box = frame.current?.getBoundingClientRect();
    if (box) setReading(clampSample(Math.round(x.invert(event.clientX - box.left) / record.interval)));
  };
  const clampSample = (sample: number) => Math.min(record.samples - 1, Math.max(0, sample));
  const onKeyDown = (event: KeyboardEvent) => {
    const step = { ArrowRight: 1, ArrowLeft: -1, PageUp: 6, PageDown: -6 }[event.key];
    if (step === undefined && event.key !== 'Home' && event.key !== 'End') return;
    event.preventDefault();
    const from = shown ?? 0;
    if (event.key === 'Home') setReading(0);
    else if (event.key === 'End') setReading(record.samples - 1);
    else setReading(clampSample(from + step!));
  };
  const restAt = playhead ?? forecast.pull.time;
  const shown = clampSample(reading ?? Math.round(restAt / record.interval));
  const fieldTop = STAGE_HEIGHT;
  const total = STAGE_HEIGHT + height + BRACKET_HEIGHT + AXIS_HEIGHT + SHARE_HEIGHT;

  return (
    <figure className="min-w-0">
      <div className="relative">
        <div
          ref={frame}
          role="slider"
          tabIndex={0}
          aria-label="Colour field, read by minute"
          aria-valuemin={0}
          aria-valuemax={duration}
          aria-valuenow={shown * record.interval}
          aria-valuetext={minuteWords(forecast, shown, units)}
          className="relative touch-pan-y overflow-hidden rounded-part select-none"
          style={{ height: total }}
          onPointerMove={readAt}
          onPointerLeave={() => setReading(null)}
          onKeyDown={onKeyDown}
        >
          <canvas
            ref={canvas}
            width={Math.round(inner * 2)}
            height={height * 2}
            className="absolute"
            style={{ left: MARGIN, top: fieldTop, width: inner, height }}
            aria-hidden
          />
          <svg width={width} height={total} className="absolute inset-0" aria-hidden>
            <StageLine stages={stages} duration={duration} x={x} height={STAGE_HEIGHT - LETTER_HEIGHT} units={units} />
            <OpeningMarks openings={openings} x={x} top={fieldTop} height={height} duration={duration} />
            <WindowBracket window={window} pull={forecast.pull.time} x={x} top={fieldTop + height + 2} />
            <FieldAxis x={x} duration={duration} top={fieldTop + height + BRACKET_HEIGHT} />
            <ShareLine
              track={track}
              x={x}
              top={fieldTop + height + BRACKET_HEIGHT + AXIS_HEIGHT}
              height={SHARE_HEIGHT}
            />
            {pulledAt !== null && <Playhead at={pulledAt} x={x} top={fieldTop} height={height} word="pulled" />}
            {playhead !== null && <Playhead at={playhead} x={x} top={fieldTop} height={height} word="now" />}
            {reading !== null && (
              <line
                x1={x(shown * record.interval)}
                x2={x(shown * record.interval)}
                y1={fieldTop}
                y2={total}
                className="stroke-current"
                strokeDasharray="2 3"
              />
            )}
          </svg>
        </div>
        {handles && (
          <FieldHandles
            handles={handles.filter((handle) => handle.at <= duration)}
            x={x}
            top={fieldTop}
            height={height}
          />
        )}
      </div>
      <figcaption className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 px-7 text-[13px]">
        <span>{minuteWords(forecast, shown, units)}</span>
        <FieldLegend ramp={ramp} />
      </figcaption>
    </figure>
  );
}
