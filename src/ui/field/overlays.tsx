import { line, type ScaleLinear } from 'd3';
import { WINDOW_SHARE, type Window } from '../../core/forecast/best-moment';
import type { ShareTrack } from '../../core/forecast/shares';
import type { CookEvent, Stage } from '../../core/plan/plan';
import { celsiusFromKelvin } from '../../core/units/temperature';
import { temperatureText, type UnitSystem } from '../words/format';

type TimeScale = ScaleLinear<number, number>;

/** Dial temperatures as a stepped line with their numbers. */
export function StageLine({
  stages,
  duration,
  x,
  height,
  units,
}: {
  stages: readonly Stage[];
  duration: number;
  x: TimeScale;
  height: number;
  units: UnitSystem;
}) {
  const temperatures = stages.map((stage) => celsiusFromKelvin(stage.temperature));
  const low = Math.min(...temperatures) - 20;
  const high = Math.max(...temperatures) + 5;
  const y = (temperature: number) => height - 5 - ((temperature - low) / (high - low)) * (height - 22);
  const starts = stages.map((_, i) => stages.slice(0, i).reduce((sum, stage) => sum + stage.duration, 0));
  return (
    <g>
      {stages.map((stage, i) => {
        const from = starts[i]!;
        const to = Math.min(duration, from + stage.duration);
        const level = y(temperatures[i]!);
        const next = stages[i + 1];
        return (
          <g key={i}>
            <path
              d={`M${x(from)} ${level}H${x(to)}${next ? `V${y(temperatures[i + 1]!)}` : ''}`}
              fill="none"
              className="stroke-current"
              strokeWidth={1.5}
            />
            <text x={x(from) + 2} y={level - 4} className="fill-current text-[12px]">
              {temperatureText(temperatures[i]!, units)}
            </text>
          </g>
        );
      })}
    </g>
  );
}

const LETTERS: Record<CookEvent['action'], string> = {
  shake: 'S',
  toss: 'T',
  flip: 'F',
  open: 'O',
  swap: 'R',
  pull: 'P',
  oil: 'oil',
  season: 'salt',
  add: 'A',
};

/** Openings as fine lines through the field with a letter above: S shake, T toss, F flip, O open, R racks, P pull, A add, oil, salt. */
export function OpeningMarks({
  openings,
  x,
  top,
  height,
  duration,
}: {
  openings: readonly CookEvent[];
  x: TimeScale;
  top: number;
  height: number;
  duration: number;
}) {
  return openings
    .filter((opening) => opening.time <= duration)
    .map((opening, i) => (
      <g key={i}>
        <line
          x1={x(opening.time)}
          x2={x(opening.time)}
          y1={top}
          y2={top + height}
          stroke="#fff"
          strokeOpacity={0.9}
          strokeWidth={2.5}
        />
        <line
          x1={x(opening.time)}
          x2={x(opening.time)}
          y1={top - 4}
          y2={top + height}
          stroke="#1b1e22"
          strokeWidth={1}
        />
        <text x={x(opening.time)} y={top - 6} textAnchor="middle" className="fill-current text-[11px] font-semibold">
          {LETTERS[opening.action]}
        </text>
      </g>
    ));
}

/** The window as a bracket under the field, open where not all are right together, with the moment to pull as its stem. */
export function WindowBracket({ window, pull, x, top }: { window: Window; pull: number; x: TimeScale; top: number }) {
  const from = x(window.from);
  const to = Math.max(from + 4, x(window.to));
  return (
    <g>
      <path
        d={`M${from} ${top}V${top + 6}H${to}V${top}`}
        fill="none"
        className="stroke-current"
        strokeWidth={2.5}
        strokeDasharray={window.held ? undefined : '3 3'}
      />
      <path d={`M${x(pull) - 5} ${top + 8}h10l-5 -9z`} className="fill-current" />
      <text x={x(pull)} y={top + 20} textAnchor="middle" className="fill-current text-[12px] font-semibold">
        pull
      </text>
    </g>
  );
}

/** Minutes under the field. */
export function FieldAxis({ x, duration, top }: { x: TimeScale; duration: number; top: number }) {
  const minutes = duration / 60;
  const step = minutes > 45 ? 10 : minutes > 12 ? 5 : 2;
  const ticks = Array.from({ length: Math.floor(minutes / step) + 1 }, (_, i) => i * step);
  return (
    <g className="fill-current text-[11px]">
      {ticks.map((tick) => (
        <text key={tick} x={x(tick * 60)} y={top + 12} textAnchor="middle">
          {tick === 0 ? '0 min' : tick}
        </text>
      ))}
    </g>
  );
}

/** Share of right pieces against time, with the line that opens the window. */
export function ShareLine({ track, x, top, height }: { track: ShareTrack; x: TimeScale; top: number; height: number }) {
  const base = top + height - 2;
  const y = (share: number) => base - share * (height - 10);
  const samples = Array.from({ length: track.samples }, (_, s) => s);
  const path = line<number>(
    (s) => x(s * track.interval),
    (s) => y(track.shares[4 * s + 1]!),
  )(samples);
  const [from, to] = x.range() as [number, number];
  return (
    <g>
      <line x1={from} x2={to} y1={base} y2={base} className="stroke-current" strokeOpacity={0.4} />
      <line
        x1={from}
        x2={to}
        y1={y(WINDOW_SHARE)}
        y2={y(WINDOW_SHARE)}
        className="stroke-current"
        strokeOpacity={0.5}
        strokeDasharray="3 3"
      />
      <text x={from - 4} y={y(WINDOW_SHARE) + 4} textAnchor="end" className="fill-current text-[10px]">
        80
      </text>
      <path d={path ?? ''} fill="none" className="stroke-current" strokeWidth={2} />
      <text x={from + 4} y={base - 5} className="fill-current text-[11px]">
        share right, %
      </text>
    </g>
  );
}

/** A place in time across the whole field, with its word. */
export function Playhead({
  at,
  x,
  top,
  height,
  word,
}: {
  at: number;
  x: TimeScale;
  top: number;
  height: number;
  word: string;
}) {
  const [from, to] = x.range() as [number, number];
  const place = Math.min(to, Math.max(from, x(at)));
  return (
    <g>
      <line x1={place} x2={place} y1={top - 6} y2={top + height + 2} stroke="#1b1e22" strokeWidth={5} />
      <line x1={place} x2={place} y1={top - 6} y2={top + height + 2} stroke="#fff" strokeWidth={2.5} />
      <text x={place} y={top - 9} textAnchor="middle" className="fill-current text-[12px] font-semibold">
        {word}
      </text>
    </g>
  );
}
