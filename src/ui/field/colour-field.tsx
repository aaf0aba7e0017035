'use client';

import { scaleLinear } from 'd3';
import { type KeyboardEvent, memo, type PointerEvent, useEffect, useRef, useState } from 'react';
import { sampleAt } from '../../core/batch/record-statistics';
import type { Forecast } from '../../core/forecast/forecast';
import type { CookEvent, Stage } from '../../core/plan/plan';
import { useUnits } from '../units-context';
import { useAlive } from '../use-alive';
import { type FieldHandle, FieldHandles } from './field-handles';
import { halfMinutes, wholeMinutes } from '../words/format';
import type { FieldPart } from './field-parts';
import { AXIS_HEIGHT, BRACKET_HEIGHT, MARGIN, SHARE_HEIGHT, STAGE_HEIGHT } from './field-size';
import { fieldBackground } from './field-background';
import { FieldLegend } from './field-legend';
import { atPullWords, countWords, minuteWords } from './minute-words';
import { Bands } from './bands';
import { FieldAxis, WindowBracket } from './field-axis';
import { OpeningMarks } from './opening-marks';
import { Playhead, playheadRoom } from './playhead';
import { flagRoom, ReadFlag } from './read-flag';
import { ShareLine } from './share-line';
import { dialLevel, StageLine, stageStarts } from './stage-line';
import { bandsOf, paintField } from './paint-field';
import { useWidth } from './use-width';

/** From the top to the dial's line. */
const DIAL_LINE = 28;

/** Minutes across, the faces of the pieces stacked from palest to darkest, each in the colour it will have. */
export const ColourField = memo(function ColourField({
  forecast,
  parts,
  stages,
  openings,
  height = 150,
  handles,
  playhead = null,
  pulledAt = null,
  onRead,
  withShare = true,
  withCaption = true,
  count = null,
}: {
  forecast: Forecast;
  /** the foods in the basket, each with its colours */
  parts: readonly FieldPart[];
  stages: readonly Stage[];
  openings: readonly CookEvent[];
  height?: number;
  /** marks that can be dragged */
  handles?: readonly FieldHandle[];
  /** s, where the cook is now */
  playhead?: number | null;
  /** s, when it was pulled */
  pulledAt?: number | null;
  /** told which moment is read, s, so that other pictures follow */
  onRead?: (time: number) => void;
  /** with the share of pieces right below it */
  withShare?: boolean;
  /** with what the minute read is like, and the colours' names */
  withCaption?: boolean;
  /** pieces in the basket, to speak of them by number */
  count?: number | null;
}) {
  const units = useUnits();
  const alive = useAlive();
  const frame = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const width = useWidth(frame, 620);
  /* s: a coarse picture and the full one after it count their samples otherwise */
  const [reading, setReading] = useState<number | null>(null);
  const { record, track, window } = forecast;
  /* what the page came with; painted over as soon as it can be */
  const [background] = useState(() => (alive ? undefined : fieldBackground(record, parts)));
  const duration = (record.samples - 1) * record.interval;
  const inner = Math.max(120, width - 2 * MARGIN);
  const x = scaleLinear([0, duration], [MARGIN, MARGIN + inner]);

  useEffect(() => {
    if (canvas.current) paintField(canvas.current, record, parts);
  }, [record, parts]);

  const toSample = (time: number) => sampleAt(record, time) * record.interval;
  const readAt = (event: PointerEvent) => {
    const box = frame.current?.getBoundingClientRect();
    if (box) setReading(toSample(x.invert(event.clientX - box.left)));
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const step = { ArrowRight: 1, ArrowLeft: -1, PageUp: 6, PageDown: -6 }[event.key];
    if (step === undefined && event.key !== 'Home' && event.key !== 'End') return;
    event.preventDefault();
    if (event.key === 'Home') setReading(0);
    else if (event.key === 'End') setReading(duration);
    else setReading(toSample((shown + step!) * record.interval));
  };
  const restAt = playhead ?? pulledAt ?? forecast.pull.time;
  const shown = sampleAt(record, reading ?? restAt);
  const shownTime = shown * record.interval;
  useEffect(() => onRead?.(shownTime), [onRead, shownTime]);
  const fieldTop = STAGE_HEIGHT;
  const level = dialLevel(stages, DIAL_LINE);
  /* at rest it stands on the moment to pull itself, not on the sample next to it */
  const resting = reading === null && playhead === null && pulledAt === null;
  const at = resting ? forecast.pull.time : shownTime;
  const minute = resting ? wholeMinutes(at) : halfMinutes(at);
  const flag = reading !== null || (playhead === null && pulledAt === null);
  const words = countWords(forecast, shown, count, resting);
  const taken = [
    ...stageStarts(stages, duration, x).map((from) => [from, from + 44] as const),
    ...(flag ? [flagRoom(at, minute, words, x)] : []),
    ...[playhead, pulledAt].flatMap((mark) => (mark === null ? [] : [playheadRoom(mark, x)])),
  ];
  const total = STAGE_HEIGHT + height + BRACKET_HEIGHT + AXIS_HEIGHT + (withShare ? SHARE_HEIGHT : 0);

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
          aria-valuenow={shownTime}
          aria-valuetext={minuteWords(forecast, shown, units)}
          className="relative touch-pan-y overflow-hidden rounded-part select-none"
          style={{ height: total }}
          onPointerMove={readAt}
          onPointerLeave={() => setReading(null)}
          onKeyDown={onKeyDown}
        >
          <canvas
            ref={canvas}
            className="absolute [image-rendering:pixelated]"
            style={{ left: MARGIN, top: fieldTop, width: inner, height, ...(alive ? undefined : background) }}
            aria-hidden
          />
          <svg width={width} height={total} className="absolute inset-0" aria-hidden>
            <StageLine stages={stages} duration={duration} x={x} height={DIAL_LINE} units={units} />
            <OpeningMarks
              openings={openings}
              x={x}
              level={level}
              bottom={fieldTop + height}
              duration={duration}
              taken={taken}
            />
            {parts.length > 1 && (
              <Bands parts={parts} rows={bandsOf(record, parts.length)} x={x} top={fieldTop} height={height} />
            )}
            <WindowBracket window={window} pull={forecast.pull.time} x={x} top={fieldTop + height + 2} />
            <FieldAxis x={x} duration={duration} top={fieldTop + height + BRACKET_HEIGHT} pull={forecast.pull.time} />
            {withShare && (
              <ShareLine
                track={track}
                x={x}
                top={fieldTop + height + BRACKET_HEIGHT + AXIS_HEIGHT}
                height={SHARE_HEIGHT}
              />
            )}
            {pulledAt !== null && <Playhead at={pulledAt} x={x} top={fieldTop} height={height} word="pulled" />}
            {playhead !== null && <Playhead at={playhead} x={x} top={fieldTop} height={height} word="now" />}
            {flag && (
              <ReadFlag at={at} minute={minute} words={words} x={x} level={level(at)} bottom={fieldTop + height} />
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
      {withCaption && (
        <figcaption className="mt-0.5 flex flex-wrap items-center justify-between gap-x-4 gap-y-1 px-7 text-[13px]">
          <span>{resting ? atPullWords(forecast, units) : minuteWords(forecast, shown, units)}</span>
          <FieldLegend ramp={parts[0]!.ramp} />
        </figcaption>
      )}
    </figure>
  );
});
