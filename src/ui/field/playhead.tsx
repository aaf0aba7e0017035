import type { TimeScale } from './time-scale';

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
