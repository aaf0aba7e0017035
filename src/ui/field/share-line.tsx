import { line } from 'd3';
import { WINDOW_SHARE } from '../../core/forecast/best-moment';
import type { ShareTrack } from '../../core/forecast/shares';
import type { TimeScale } from './time-scale';

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
